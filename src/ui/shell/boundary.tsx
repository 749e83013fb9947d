/** Catches what breaks while something is drawn, a missing part of the program among it: told, with a way to try again. */
import { Component, type ReactNode } from 'react';
import { View } from 'react-native';
import { Press } from '../parts/press';
import { Body, Heading, Small } from '../parts/text';
import { uncover } from './uncover';
import * as phrases from './words';

interface Props {
  children: ReactNode;
  /** What could not be shown, for the heading. */
  what: string;
}

interface State {
  error: Error | null;
  /** Where it was: what cannot be shown takes the router's own state with it. */
  href: string;
  /** The server was asked and did not answer. */
  isAway: boolean;
}

/** Whether the program can be fetched again: reloading without a server would leave a blank page. */
async function isServerThere(): Promise<boolean> {
  try {
    return (await fetch('/', { method: 'HEAD', cache: 'no-store' })).ok;
  } catch {
    return false;
  }
}

export class Boundary extends Component<Props, State> {
  override state: State = { error: null, href: '', isAway: false };

  static getDerivedStateFromError(error: unknown): Partial<State> {
    return { error: error instanceof Error ? error : new Error(String(error)), href: window.location.href };
  }

  override componentDidCatch(): void {
    uncover();
  }

  private readonly again = async (): Promise<void> => {
    // A part that failed to load is only asked for again by a page that begins anew; all data is in storage.
    if (!(await isServerThere())) this.setState({ isAway: true });
    else if (window.location.href === this.state.href) window.location.reload();
    else window.location.assign(this.state.href);
  };

  override render(): ReactNode {
    const { error, isAway } = this.state;
    if (error === null) return this.props.children;
    return (
      <View role="alert" style={{ padding: 18, gap: 12, alignItems: 'flex-start' }}>
        <Heading level={2}>{phrases.notShown(this.props.what)}</Heading>
        <Body>{phrases.BATCHES_ARE_KEPT}</Body>
        <Small>{error.message}</Small>
        {isAway && <Small role="status">{phrases.SERVER_SILENT}</Small>}
        <Press title="Try again" kind="solid" onPress={() => void this.again()} />
      </View>
    );
  }
}
