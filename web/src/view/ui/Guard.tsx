import { Component, type ReactNode } from 'react';

interface Props {
  /** Called once where what it holds could not be drawn. */
  onFail(error: Error): void;
  readonly children: ReactNode;
}

/** Holds what may fail to draw for reasons of the browser's, so that the rest of the screen goes on without it. */
export class Guard extends Component<Props, { readonly failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true };
  }

  override componentDidCatch(error: Error): void {
    this.props.onFail(error);
  }

  override render(): ReactNode {
    return this.state.failed ? null : this.props.children;
  }
}
