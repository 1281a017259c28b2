import { chakra } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { usePerson } from '../../words/person';

const PLACES = 64;
const PIXEL = 6;
const ROW = 5;

/** The strength of a turning wheel, each turn a row: what comes at one place of every turn stands in a column. */
export function TurnsPicture({ turns, label }: { turns: string[]; label: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { theme } = usePerson();
  useEffect(() => {
    const at = canvas.current;
    const pen = at?.getContext('2d');
    if (!at || !pen) return;
    at.width = PLACES * PIXEL;
    at.height = Math.max(1, turns.length) * ROW;
    // In the ink of the theme, which is on the page once all that changes with it has changed.
    at.dataset.theme = theme;
    const frame = requestAnimationFrame(() => draw(at, pen, turns));
    return () => cancelAnimationFrame(frame);
  }, [turns, theme]);
  return (
    <chakra.canvas
      ref={canvas}
      role="img"
      aria-label={label}
      w="100%"
      maxH="220px"
      color="ink"
      bg="card"
      borderWidth="1px"
      borderColor="line"
    />
  );
}

function draw(at: HTMLCanvasElement, pen: CanvasRenderingContext2D, turns: string[]): void {
  pen.fillStyle = getComputedStyle(at).color;
  turns.forEach((turn, row) => {
    for (let place = 0; place < PLACES; place++) {
      pen.globalAlpha = Number.parseInt(turn.slice(2 * place, 2 * place + 2), 16) / 255;
      pen.fillRect(place * PIXEL, row * ROW, PIXEL, ROW - 1);
    }
  });
}
