import Button from '@mui/material/Button';
import { Component, type ReactNode } from 'react';
import { Failed, Loading, Notice } from '../ui/Notice';

type State = { error: Error | null; reachable: boolean | null };

/**
 * Catches what a room throws and tells a missing connection (part of the page couldn't be fetched) from a fault of the program. What was
 * typed is kept by the room itself. Where the address changes (`at`) it tries anew.
 */
export class Boundary extends Component<{ at?: string; children: ReactNode }, State> {
  override state: State = { error: null, reachable: null };

  static getDerivedStateFromError(error: unknown): State {
    return { error: error instanceof Error ? error : new Error(String(error)), reachable: null };
  }

  override componentDidCatch() {
    fetch('/api/lock', { cache: 'no-store' }).then(
      () => this.setState({ reachable: true }),
      () => this.setState({ reachable: false }),
    );
  }

  override componentDidUpdate(before: { at?: string }) {
    if (before.at !== this.props.at && this.state.error !== null) this.setState({ error: null, reachable: null });
  }

  override render() {
    const { error, reachable } = this.state;
    if (error === null) return this.props.children;
    if (reachable === null) return <Loading what="the page" />;
    if (!reachable) return <Failed error={error} retry={reload} />;
    return (
      <Notice title="Something went wrong on this page">
        <p>This is a fault in Inlaid Recipe, not in your work. Your work is saved in this browser.</p>
        <Button variant="outlined" onClick={reload}>
          Reload
        </Button>
        <p style={{ overflowWrap: 'anywhere' }}>If it happens again, report it: {error.message}</p>
      </Notice>
    );
  }
}

function reload() {
  window.location.reload();
}
