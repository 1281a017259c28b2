<?php

declare(strict_types=1);

namespace Ops\Mutate;

use PhpParser\Node;
use PhpParser\Node\Expr\FuncCall;
use PhpParser\NodeVisitorAbstract;

/** Goes through a file and hands over each node with the one above it; attributes and what is not arithmetic are left out. */
final class Walk extends NodeVisitorAbstract
{
    /** Arguments of these are words, lengths of texts or places in lists. */
    private const NO_ARITHMETIC = ['sprintf', 'array_slice', 'number_format', 'round', 'str_repeat', 'substr', 'range', 'mb_substr'];

    /** @var list<Node> */
    private array $above = [];

    /** @param  callable(Node, ?Node): void  $visit */
    public function __construct(private mixed $visit)
    {
    }

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Node\AttributeGroup || $node instanceof Node\Stmt\EnumCase || self::isNoArithmetic($node)) {
            return self::DONT_TRAVERSE_CHILDREN;
        }
        ($this->visit)($node, $this->above[count($this->above) - 1] ?? null);
        $this->above[] = $node;

        return null;
    }

    public function leaveNode(Node $node): ?int
    {
        if (($this->above[count($this->above) - 1] ?? null) === $node) {
            array_pop($this->above);
        }

        return null;
    }

    private static function isNoArithmetic(Node $node): bool
    {
        return $node instanceof FuncCall && $node->name instanceof Node\Name
            && in_array($node->name->toString(), self::NO_ARITHMETIC, true);
    }
}
