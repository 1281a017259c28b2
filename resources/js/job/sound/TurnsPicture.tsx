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
    // Drawn anew in the ink of the theme.
    at.dataset.theme = theme;
    pen.clearRect(0, 0, at.width, at.height);
    pen.fillStyle = getComputedStyle(at).color;
    turns.forEach((turn, row) => {
      for (let place = 0; place < PLACES; place++) {
        pen.globalAlpha = Number.parseInt(turn.slice(2 * place, 2 * place + 2), 16) / 255;
        pen.fillRect(place * PIXEL, row * ROW, PIXEL, ROW - 1);
      }
    });
  }, [turns, theme]);
  return (
    <chakra.canvas
      ref={canvas}
      role="img"
      aria-label={label}
      width={PLACES * PIXEL}
      height={Math.max(1, turns.length) * ROW}
      w="100%"
      maxH="220px"
      color="ink"
      bg="card"
      borderWidth="1px"
      borderColor="line"
    />
  );
}
