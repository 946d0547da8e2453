/** Whether tests look at everything (`npm run test:deep`) or at a part of it that changes nothing but how much is looked at. */
export const DEEP = process.env['UPFELL_DEEP'] !== undefined;
