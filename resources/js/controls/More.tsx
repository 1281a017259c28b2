import { chakra, type HTMLChakraProps } from '@chakra-ui/react';
import type { UseInfiniteQueryResult } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Button } from './Button';

type List = Pick<
  UseInfiniteQueryResult,
  'hasNextPage' | 'fetchNextPage' | 'isFetchingNextPage' | 'isFetchNextPageError'
>;

/** How far below the edge of the window the end of a list may be when more of it is fetched, in px. */
const AHEAD = 200;

/**
 * The rest of a list at a press; with `comes` also by itself when one scrolls near its end.
 * What did not come is not asked for again until somebody presses.
 */
export function More({
  of,
  comes = false,
  label = 'More',
  ...rest
}: { of: List; comes?: boolean; label?: string } & HTMLChakraProps<'div'>) {
  const here = useRef<HTMLDivElement>(null);
  const { hasNextPage, fetchNextPage, isFetchingNextPage, isFetchNextPageError } = of;
  const waits = comes && hasNextPage && !isFetchingNextPage && !isFetchNextPageError;
  useEffect(() => {
    if (!waits || here.current === null) return;
    const near = new IntersectionObserver(([seen]) => seen?.isIntersecting && fetchNextPage(), {
      rootMargin: `${AHEAD}px`,
    });
    near.observe(here.current);
    return () => near.disconnect();
  }, [waits, fetchNextPage]);
  if (!hasNextPage) return null;
  return (
    <chakra.div ref={here} p="6" {...rest}>
      <Button look="plain" disabled={isFetchingNextPage} onClick={() => fetchNextPage()}>
        {isFetchNextPageError ? 'The rest did not come. Try again' : label}
      </Button>
    </chakra.div>
  );
}
