import { Component, type ReactNode } from 'react';
import { Notice } from './Page.tsx';
import { LinkButton } from './LinkButton.tsx';

interface Props {
  /** What cannot be shown, “this screen”. */
  what: string;
  children: ReactNode;
}

/** Keeps a fault within a screen or panel: the rest stays, and what was written is kept for when it is shown again. */
export class Boundary extends Component<Props, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    const { what, children } = this.props;
    if (!this.state.failed) return children;
    return (
      <Notice title={`Hatband could not show ${what}`}>
        <p>This is a fault in Hatband. What you wrote is kept.</p>
        <p>
          <LinkButton
            onClick={() => {
              this.setState({ failed: false });
            }}
          >
            Show it again
          </LinkButton>
        </p>
      </Notice>
    );
  }
}
