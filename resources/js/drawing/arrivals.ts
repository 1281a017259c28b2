import { useLayoutEffect, useRef, useState } from 'react';
import type { Piece } from '../api/types';

const AWAY = ['on_tray', 'not_there', 'scrapped'];

/** The parts that came into their place since the drawing was last looked at: they are seen to arrive. */
export function useArrivals(pieces: Piece[]): Set<string> {
  const before = useRef<Map<string, string> | null>(null);
  const [arrived, setArrived] = useState<Set<string>>(() => new Set());
  useLayoutEffect(() => {
    const known = before.current;
    before.current = new Map(pieces.map((piece) => [piece.part, piece.state]));
    if (!known) return;
    const now = pieces.filter((piece) => AWAY.includes(known.get(piece.part) ?? '') && !AWAY.includes(piece.state));
    if (now.length > 0) setArrived(new Set(now.map((piece) => piece.part)));
  }, [pieces]);
  return arrived;
}
