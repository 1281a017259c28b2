<?php

declare(strict_types=1);

namespace CleanRace\Core\Hub;

use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Measure\Length;
use CleanRace\Core\Measure\Typed\LengthText;

/** One change somebody made to the parts of a hub. */
final readonly class StackEdit
{
    /** @param  array<string, string|int|float>  $says what it says besides its verb, as it is kept */
    private function __construct(public string $do, private array $says)
    {
    }

    /**
     * @param  array<mixed>  $given `{do, part}` and, by its verb: `by` for move; `size` and `typed` or `mm` for
     *   resize; `kind`, `after` for add
     * @param  string  $unit what a bare length is in
     *
     * @throws InvalidInput when it cannot be understood
     */
    public static function read(array $given, string $unit): self
    {
        $text = static fn (string $key): string => is_string($given[$key] ?? null) && $given[$key] !== '' && strlen($given[$key]) <= 80
            ? $given[$key]
            : throw InvalidInput::about($key, "Say the $key.");

        return match ($given['do'] ?? null) {
            'remove', 'duplicate', 'flip' => new self($given['do'], ['part' => $text('part')]),
            'move' => new self('move', [
                'part' => $text('part'),
                'by' => is_int($given['by'] ?? null) && $given['by'] !== 0 && abs($given['by']) < 100
                        ? $given['by']
                        : throw InvalidInput::about('by', 'Say by how many places, such as -1.'),
            ]),
            'resize' => new self('resize', [
                'part' => $text('part'),
                'size' => $text('size'),
                'mm' => is_int($given['mm'] ?? null) || is_float($given['mm'] ?? null)
                        ? Length::mm($given['mm'])->mm
                        : (new LengthText($unit))->read($text('typed'))->mm,
            ]),
            'add' => new self(
                'add',
                ['kind' => PartKind::tryFrom($text('kind'))->value ?? throw InvalidInput::about('kind', 'There is no such kind of part.')] +
                    (isset($given['after']) ? ['after' => $text('after')] : []),
            ),
            default => throw InvalidInput::about('do', 'Say what to do: add, remove, move, duplicate, flip, resize, undo or redo.'),
        };
    }

    /** @throws InvalidInput when the stack has no such part, or it cannot be done to it */
    public function onto(Stack $stack): Stack
    {
        $part = (string) ($this->says['part'] ?? '');

        return match ($this->do) {
            'remove' => $stack->without($part),
            'duplicate' => $stack->duplicated($part),
            'flip' => $stack->with($stack->get($part)->flipped()),
            'move' => $stack->moved($part, (int) $this->says['by']),
            'resize' => $stack->with($stack->get($part)->resized((string) $this->says['size'], Length::mm((float) $this->says['mm']))),
            default => $this->added($stack),
        };
    }

    /** @return array<string, string|int|float> as it is kept */
    public function kept(): array
    {
        return ['do' => $this->do] + $this->says;
    }

    private function added(Stack $stack): Stack
    {
        $kind = PartKind::from((string) $this->says['kind']);
        $after = isset($this->says['after']) ? $stack->get((string) $this->says['after']) : null;

        return $stack->inserted(
            UsualPart::besides($stack, $kind, $after),
            $after === null ? count($stack->parts) : 1 + (int) array_search($after, $stack->parts, true),
        );
    }
}
