import { fireEvent, render, screen, within } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { MEASUREMENTS } from '@upfell/core';
import { GlossaryPage } from './GlossaryPage';
import { LearnPage } from './LearnPage';
import { TERMS } from './terms';

const show = (page: React.ReactNode) => render(<MemoryRouter>{page}</MemoryRouter>);
const put = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const says = (id: string) => screen.getByTestId(id).textContent;

describe('the page of arithmetic', () => {
  it('works the reader’s own numbers', () => {
    show(<LearnPage />);
    expect(says('learn-count')).toMatch(/53 × 16 ÷ 10 = 84.8 stitches/);
    put('Width, cm', '40');
    put('Multiple', '4');
    put('Plus', '1');
    expect(says('learn-count')).toMatch(
      /40 × 16 ÷ 10 = 64 stitches; the pattern allows a multiple of 4 plus 1/,
    );
    expect(says('learn-count')).toMatch(/65 stitches measure 40.6 cm: 0.6 cm more. The nearest/);
  });

  it('says at a number what is wrong, and shows no result of it', () => {
    show(<LearnPage />);
    put('Multiple', '1.5');
    expect(screen.getByRole('alert').textContent).toBe('A whole number belongs here.');
    expect(screen.queryByTestId('learn-count')).toBeNull();
    put('Multiple', '2');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shapes, and says what would go where it does not', () => {
    show(<LearnPage />);
    put('Stitches at the end', '41');
    expect(says('learn-shape')).toMatch(/That does not go.*Take 40 or 42 at the end/);
    put('Stitches at the end', '40');
    put('Rows', '60');
    expect(says('learn-shape')).toMatch(/every 6th row 10 times/);
  });

  it('tells a seam that agrees from one that would pucker', () => {
    show(<LearnPage />);
    expect(says('learn-seam')).toMatch(/They agree.*4 stitches to 3 rows/);
    put('Stitches of the sleeve', '75');
    expect(says('learn-seam')).toMatch(/would pucker. 60 stitches would lie flat/);
  });
});

describe('the glossary', () => {
  it('has every term and measurement once, in order, with drawings', () => {
    show(<GlossaryPage />);
    const words = [...screen.getByTestId('glossary').querySelectorAll('dt')].map(
      ({ textContent }) => textContent,
    );
    expect(words).toHaveLength(TERMS.length + MEASUREMENTS.length);
    expect(new Set(words).size).toBe(words.length);
    expect(words).toEqual([...words].sort((a, b) => a.localeCompare(b, 'en')));
    const drawn = TERMS.filter(({ drawing }) => drawing).length + MEASUREMENTS.length;
    expect(within(screen.getByTestId('glossary')).getAllByRole('img')).toHaveLength(drawn);
    expect(document.querySelectorAll('.term-lit').length).toBeGreaterThanOrEqual(
      TERMS.filter(({ drawing }) => drawing?.kind === 'garment').length,
    );
  });

  it('finds a word, and says where there is none', () => {
    show(<GlossaryPage />);
    const search = screen.getByLabelText('Find a word');
    fireEvent.change(search, { target: { value: 'raglan' } });
    expect(screen.getByText('raglan line')).toBeTruthy();
    fireEvent.change(search, { target: { value: 'zzz' } });
    expect(screen.getByText(/is not explained here/)).toBeTruthy();
  });
});
