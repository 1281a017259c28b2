<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\InvalidInput;

/** All changes made to the parts of a hub, in their order, and how many of the last are undone. */
final readonly class StackEdits
{
    private const MOST = 400;

    /** @param  list<StackEdit>  $edits */
    private function __construct(private array $edits, private int $undone)
    {
    }

    /** @param  ?array<string, mixed>  $kept as {@see self::kept()} gave it */
    public static function from(?array $kept): self
    {
        $edits = is_array($kept['edits'] ?? null) ? array_values(array_filter($kept['edits'], is_array(...))) : [];

        return new self(
            array_map(static fn (array $e): StackEdit => StackEdit::read($e, 'mm'), $edits),
            max(0, min(count($edits), (int) ($kept['undone'] ?? 0))),
        );
    }

    /**
     * With one more change. Undo and redo step along those made; a new change drops what was undone.
     *
     * @param  array<mixed>  $given
     *
     * @throws InvalidInput when it cannot be understood, or there is nothing to undo or redo
     */
    public function plus(array $given, string $unit): self
    {
        return match ($given['do'] ?? null) {
            'undo' => $this->mayUndo()
                ? new self($this->edits, $this->undone + 1)
                : throw InvalidInput::about('do', 'There is nothing to undo.'),
            'redo' => $this->mayRedo()
                ? new self($this->edits, $this->undone - 1)
                : throw InvalidInput::about('do', 'There is nothing to redo.'),
            default => count($this->edits) < self::MOST
                ? new self([...array_slice($this->edits, 0, count($this->edits) - $this->undone), StackEdit::read($given, $unit)], 0)
                : throw InvalidInput::about('do', sprintf('This hub was changed %d times. Open a new job for another hub.', self::MOST)),
        };
    }

    /** What no longer applies, because the hub it was made on became another, is passed over. */
    public function onto(Stack $stack): Stack
    {
        foreach (array_slice($this->edits, 0, count($this->edits) - $this->undone) as $edit) {
            try {
                $stack = $edit->onto($stack);
            } catch (InvalidInput) {
                continue;
            }
        }

        return $stack;
    }

    /** @throws InvalidInput when the last change cannot be made to this stack */
    public function checked(Stack $stack): self
    {
        if ($this->undone === 0 && $this->edits !== []) {
            $before = new self(array_slice($this->edits, 0, -1), 0);
            $this->edits[count($this->edits) - 1]->onto($before->onto($stack));
        }

        return $this;
    }

    /** Whether there is a change that can be taken back. */
    public function mayUndo(): bool
    {
        return $this->undone < count($this->edits);
    }

    /** Whether a change was taken back and nothing was changed since. */
    public function mayRedo(): bool
    {
        return $this->undone > 0;
    }

    /** @return array{edits: list<array<string, string|int|float>>, undone: int} */
    public function kept(): array
    {
        return ['edits' => array_map(static fn (StackEdit $e): array => $e->kept(), $this->edits), 'undone' => $this->undone];
    }
}
