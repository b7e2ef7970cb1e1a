import Button from '@mui/material/Button';
import { Component, type ReactNode } from 'react';
import { Notice } from '../shared/Notice';

/**
 * Catches what a room throws, most often that a part of the pages could not be fetched because the program is not running,
 * so that the painter is told instead of left with an empty window. What was typed is kept by the room itself.
 */
export class Boundary extends Component<{ children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <Notice title="This page couldn't be loaded">
        <p>Inlaid Recipe is probably not running. Start it with ./bin/start and reload.</p>
        <Button variant="outlined" onClick={() => window.location.reload()}>
          Try again
        </Button>
      </Notice>
    );
  }
}
