<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Concerns\NoShopNamed;
use App\Models\Concerns\ShopAtHand;
use App\Models\Job;
use App\Models\Machine;
use RuntimeException;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Whose rows are found: those of whoever is signed in, of a shop that is named, or of nobody. */
final class ShopAtHandTest extends TestCase
{
    use RefreshDatabase;

    public function test_with_nobody_signed_in_and_no_shop_named_there_are_no_rows_but_an_exception(): void
    {
        $this->jobOf($this->person());
        $this->nobody();
        $this->expectException(NoShopNamed::class);
        Job::query()->count();
    }

    public function test_a_shop_that_is_named_is_looked_at_for_as_long_as_it_is_named(): void
    {
        [$one, $other] = [$this->jobOf($this->person()), $this->jobOf($this->person())];
        $this->nobody();
        $atHand = $this->app->make(ShopAtHand::class);
        self::assertSame([$one->id], $atHand->within($one->shop_id, static fn () => Job::query()->pluck('id')->all()));
        $made = $atHand->within(
            $one->shop_id,
            static fn () => $atHand->within(
                $other->shop_id,
                static fn () => Machine::query()->create(['name' => 'Cart', 'model' => '', 'owner' => '']),
            ),
        );
        self::assertSame($other->shop_id, $made->shop_id);
        try {
            $atHand->within($one->shop_id, static fn () => throw new RuntimeException('It broke.'));
        } catch (RuntimeException) {
        }
        $this->expectException(NoShopNamed::class);
        Job::query()->count();
    }

    public function test_whoever_is_signed_in_sees_their_own_whatever_is_named(): void
    {
        $person = $this->person();
        [$mine, $theirs] = [$this->jobOf($person), $this->jobOf($this->person())];
        $this->actingAs($person);
        $found = $this->app->make(ShopAtHand::class)->within($theirs->shop_id, static fn () => Job::query()->pluck('id')->all());
        self::assertSame([$mine->id], $found);
    }
}
