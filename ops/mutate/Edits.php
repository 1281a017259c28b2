<?php

declare(strict_types=1);

namespace Ops\Mutate;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\NodeTraverser;
use PhpParser\ParserFactory;
use RuntimeException;

/**
 * Finds every edit that can be made to the rules of the trade: comparisons turned round, signs, factors, conditions left
 * out, levels made milder, the lower taken for the upper, and each row of limits.csv doubled and halved.
 */
final class Edits
{
    /** Rooms whose arithmetic decides something. */
    private const ROOMS = [
        'Catalogue',
        'Measure',
        'Mechanics',
        'Checking',
        'Sizing',
        'Sourcing',
        'Seating',
        'Setting',
        'Proving',
        'Verdict',
    ];

    private const LIMITS = 'core/data/limits.csv';

    /** Reversed, or pushed by one where whole numbers are compared. */
    private const REVERSED = [
        BinaryOp\Smaller::class => '>=',
        BinaryOp\SmallerOrEqual::class => '>',
        BinaryOp\Greater::class => '<=',
        BinaryOp\GreaterOrEqual::class => '<',
        BinaryOp\Identical::class => '!==',
        BinaryOp\NotIdentical::class => '===',
    ];

    private const SIGNS = [
        BinaryOp\Plus::class => '-',
        BinaryOp\Minus::class => '+',
        BinaryOp\Mul::class => '/',
        BinaryOp\Div::class => '*',
    ];

    /** One taken for the other. */
    private const TAKEN_FOR = [
        'low' => 'high',
        'high' => 'low',
        'forceLow' => 'forceHigh',
        'forceHigh' => 'forceLow',
        'torqueLow' => 'torqueHigh',
        'torqueHigh' => 'torqueLow',
        'least' => 'most',
        'most' => 'least',
    ];

    private const CALLED_FOR = ['min' => 'max', 'max' => 'min', 'floor' => 'ceil', 'ceil' => 'floor'];

    private const ROUNDING = 1e-6;

    private const MILDER = ['stop' => 'care', 'care' => 'go', 'Stop' => 'Care', 'Care' => 'Go'];

    public function __construct(private string $root)
    {
    }

    /** @return list<Edit> in the order of their files */
    public function all(): array
    {
        $edits = $this->ofLimits();
        foreach (self::ROOMS as $room) {
            foreach ($this->files("core/src/$room") as $file) {
                array_push($edits, ...$this->ofFile($file));
            }
        }

        return $edits;
    }

    /** @return list<string> below the root */
    private function files(string $folder): array
    {
        $found = [];
        foreach (glob("$this->root/$folder/*") ?: [] as $path) {
            $below = substr($path, strlen($this->root) + 1);
            is_dir($path) ? array_push($found, ...$this->files($below)) : ($found[] = $below);
        }

        return array_values(array_filter($found, static fn (string $f): bool => str_ends_with($f, '.php')));
    }

    /** @return list<Edit> */
    private function ofLimits(): array
    {
        $source = (string) file_get_contents("$this->root/".self::LIMITS);
        $edits = [];
        $at = 0;
        foreach (explode("\n", $source) as $i => $row) {
            if ($i > 0 && preg_match('/^([^,]+),([^,]+),/', $row, $m) === 1 && (float) $m[2] !== 0.0) {
                foreach ([2, 0.5] as $factor) {
                    $edits[] = new Edit(
                        self::LIMITS,
                        '',
                        $i + 1,
                        $at + strlen($m[1]) + 1,
                        $m[2],
                        (string) ((float) $m[2] * $factor),
                        $m[1],
                    );
                }
            }
            $at += strlen($row) + 1;
        }

        return $edits;
    }

    /** @return list<Edit> */
    private function ofFile(string $file): array
    {
        $source = (string) file_get_contents("$this->root/$file");
        $ast = (new ParserFactory())->createForHostVersion()->parse($source) ?? throw new RuntimeException("$file cannot be read.");
        $class = 'CleanRace\\Core\\'.str_replace(['core/src/', '/', '.php'], ['', '\\', ''], $file);
        $found = [];
        $visit = function (Node $node, ?Node $parent) use ($source, $file, $class, &$found): void {
            foreach ($this->of($node, $parent, $source) as [$at, $before, $after]) {
                $line = substr_count($source, "\n", 0, $at) + 1;
                $from = (int) strrpos(substr($source, 0, $at), "\n");
                $around = trim(substr($source, $from, (strpos($source, "\n", $at) ?: strlen($source)) - $from));
                $alike = count(
                    array_filter(
                        $found,
                        static fn (Edit $e): bool => [$e->around, $e->before, $e->after] === [$around, $before, $after],
                    ),
                );
                $found[] = new Edit($file, $class, $line, $at, $before, $after, $around, $alike);
            }
        };
        $traverser = new NodeTraverser();
        $traverser->addVisitor(
            new Walk($visit),
        );
        $traverser->traverse($ast);

        return $found;
    }

    /** @return list<array{int, string, string}> offset, what stands there, what is put there */
    private function of(Node $node, ?Node $parent, string $source): array
    {
        $text = static fn (Node $n): string => substr($source, $n->getStartFilePos(), $n->getEndFilePos() - $n->getStartFilePos() + 1);
        $whole = static fn (string $after): array => [$node->getStartFilePos(), $text($node), $after];

        return match (true) {
            $node instanceof BinaryOp\BooleanAnd, $node instanceof BinaryOp\BooleanOr => [
                $whole('('.$text($node->left).')'),
                $whole('('.$text($node->right).')'),
            ],
            $node instanceof BinaryOp => $this->ofOperator($node, $source),
            $node instanceof Expr\BooleanNot => [$whole('('.$text($node->expr).')')],
            $node instanceof Expr\UnaryMinus && ! ($node->expr instanceof Scalar) => [$whole('('.$text($node->expr).')')],
            $node instanceof Scalar\Float_ || $node instanceof Scalar\Int_ => $this->ofNumber($node, $parent, $text($node)),
            $node instanceof Expr\PropertyFetch && $node->name instanceof Node\Identifier => $this->named($node->name, self::TAKEN_FOR),
            $node instanceof Expr\FuncCall && $node->name instanceof Node\Name => match (true) {
                $node->name->toString() === 'abs' => [$whole('('.$text($node->args[0]).')')],
                default => $this->named($node->name, self::CALLED_FOR),
            },
            $node instanceof Expr\StaticCall && $text($node->class) === 'Verdict',
            $node instanceof Expr\ClassConstFetch && $text($node->class) === 'Level' => $this->named($node->name, self::MILDER),
            default => [],
        };
    }

    /** @return list<array{int, string, string}> */
    private function ofOperator(BinaryOp $node, string $source): array
    {
        $after = self::REVERSED[$node::class] ?? (self::SIGNS[$node::class] ?? null);
        // An enum is no number and a string no sum: what joins words stays.
        if ($after === null) {
            return [];
        }
        $sign = $node->getOperatorSigil();
        $from = $node->left->getEndFilePos() + 1;
        $at = strpos($source, $sign, $from);

        return $at === false ? [] : [[$at, $sign, $after]];
    }

    /** @return list<array{int, string, string}> */
    private function ofNumber(Scalar\Float_|Scalar\Int_ $node, ?Node $parent, string $text): array
    {
        $counts =
            $parent instanceof BinaryOp ||
            $parent instanceof Node\Const_ ||
            ($parent instanceof Node\ArrayItem && $node instanceof Scalar\Float_) ||
            $parent instanceof Expr\Ternary;
        if (! $counts) {
            return [];
        }
        $value = (float) $node->value;
        // So little only keeps rounding from deciding: twice as much decides nothing else.
        if ($value > 0 && $value < self::ROUNDING) {
            return [];
        }
        $other = $value === 0.0 ? 1 : ($node instanceof Scalar\Int_ && $value <= 3 ? $node->value + 1 : $value * 2);

        return [
            [
                $node->getStartFilePos(),
                $text,
                is_float($other) && $node instanceof Scalar\Float_ ? var_export($other, true) : (string) $other,
            ],
        ];
    }

    /**
     * @param  array<string, string>  $others
     * @return list<array{int, string, string}>
     */
    private function named(Node $name, array $others): array
    {
        $said = $name instanceof Node\Identifier || $name instanceof Node\Name ? $name->toString() : '';

        return isset($others[$said]) ? [[$name->getStartFilePos(), $said, $others[$said]]] : [];
    }
}
