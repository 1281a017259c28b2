<?php

declare(strict_types=1);

namespace CleanRace\Core\Tests\Sourcing;

use CleanRace\Core\Sourcing\ArticleKey;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A number somewhere in a description, with the sign that follows it, and only that one. */
final class ArticleInWordsTest extends TestCase
{
    #[TestWith(['Ball bearing 6204 2RS', 'bearing:6204:rs2:CN'])]
    #[TestWith(['2RS ball bearing 6204', 'bearing:6204:open:CN'])]
    #[TestWith(['Ball bearing 6204 for pumps', 'bearing:6204:open:CN'])]
    #[TestWith(['Ball bearing 6204', 'bearing:6204:open:CN'])]
    #[TestWith(['ZZ type, number 6204 2RS', 'bearing:6204:rs2:CN'])]
    public function test_the_sign_behind_the_number_counts(string $description, string $key): void
    {
        self::assertSame($key, (new ArticleKey())->of('A-17', $description));
    }
}
