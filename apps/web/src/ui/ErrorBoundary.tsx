import { Component, type ReactNode } from 'react';
import { Button } from './Button';

/** Shown in the place of a view that failed: the rest of the page, and what was entered, stay as they are. */
export class ErrorBoundary extends Component<{ children: ReactNode }, { error: Error | null }> {
  override state: { error: Error | null } = { error: null };

  static getDerivedStateFromError(error: Error) {
    return { error };
  }

  override render() {
    if (!this.state.error) return this.props.children;
    return (
      <div role="alert" className="m-8 max-w-lg border-l-4 border-broken bg-broken-wash px-4 py-3">
        <p className="font-semibold">This view failed; nothing that you entered is lost.</p>
        <p className="mt-1 mb-3 text-[13px] text-soft">{this.state.error.message}</p>
        <Button onClick={() => this.setState({ error: null })}>Try again</Button>
      </div>
    );
  }
}
