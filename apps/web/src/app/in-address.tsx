import { Component, type ReactNode, startTransition, use, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { UNSAFE_createBrowserHistory as browserHistory, type Navigator, Router } from 'react-router';

type Going = { readonly flushSync?: boolean } | undefined;

/**
 * What is shown by the address of the browser. A page whose code is still on its way is waited for with the one before in sight; where the next key is meant for
 * it, it is there before that (`flushSync`), which the router's own component without page loading does not offer; that with it weighs twice as much.
 */
export function InAddress({ children }: { children: ReactNode }) {
  const history = useMemo(() => browserHistory({ v5Compat: true }), []);
  const [at, setAt] = useState({ location: history.location, action: history.action });
  const isAtOnce = useRef(false);
  useLayoutEffect(() => {
    const go = () => setAt({ location: history.location, action: history.action });
    // What was gone to while the first page was drawn.
    go();
    return history.listen(() => (isAtOnce.current ? flushSync(go) : startTransition(go)));
  }, [history]);
  const navigator = useMemo((): Navigator => {
    const going = (how: Going, go: () => void) => {
      isAtOnce.current = how?.flushSync === true;
      try {
        go();
      } finally {
        isAtOnce.current = false;
      }
    };
    return {
      createHref: history.createHref,
      encodeLocation: history.encodeLocation,
      go: history.go,
      push: (to, state, how) => going(how as Going, () => history.push(to, state)),
      replace: (to, state, how) => going(how as Going, () => history.replace(to, state)),
    };
  }, [history]);
  return (
    <Router location={at.location} navigationType={at.action} navigator={navigator}>
      {children}
    </Router>
  );
}

interface Tried {
  readonly children: ReactNode;
  readonly otherwise: ReactNode;
  /** At another address it is tried anew. */
  readonly at: string;
}

interface Went {
  readonly at: string;
  readonly hasFailed: boolean;
}

/** What is shown in place of a page that failed, or whose code did not come. */
export class IfItFails extends Component<Tried, Went> {
  override state: Went = { at: this.props.at, hasFailed: false };
  static getDerivedStateFromProps({ at }: Tried, went: Went): Went {
    return at === went.at ? went : { at, hasFailed: false };
  }
  static getDerivedStateFromError(): Partial<Went> {
    return { hasFailed: true };
  }
  override render(): ReactNode {
    return this.state.hasFailed ? this.props.otherwise : this.props.children;
  }
}

type Page = () => ReactNode;

export interface LoadedPage {
  /** Fetches its code. The page that is begun with is fetched before anything is drawn: React shows what was waited for a third of a second later otherwise. */
  readonly fetch: () => Promise<void>;
  readonly now: () => Page | null;
}

/** A page that is fetched when it is gone to; where that failed, again when it is gone to again. */
export function page(load: () => Promise<Page>): LoadedPage {
  let loaded: Page | null = null;
  let loading: Promise<void> | null = null;
  return {
    now: () => loaded,
    fetch: () => {
      loading ??= load().then(
        (is) => {
          loaded = is;
        },
        (error) => {
          loading = null;
          throw error;
        },
      );
      return loading;
    },
  };
}

/** A page once it is there. */
export function PageShown({ page }: { page: LoadedPage }) {
  if (!page.now()) use(page.fetch());
  const Here = page.now();
  return Here && <Here />;
}
