<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Auth\Factory;

/** Whose rows are looked at: those of the shop of whoever is signed in, or of one that is named for a while. */
final class ShopAtHand
{
    private ?int $named = null;

    public function __construct(private readonly Factory $auth)
    {
    }

    /** Null when nobody is signed in and no shop is named. */
    public function find(): ?int
    {
        // Who it is is not looked up for this: a route that needs to know has asked before.
        $user = $this->auth->guard()->hasUser() ? $this->auth->guard()->user() : null;

        return $user instanceof User ? $user->shop_id : $this->named;
    }

    /** @throws NoShopNamed when nobody is signed in and no shop is named */
    public function id(): int
    {
        return $this->find() ?? throw NoShopNamed::here();
    }

    /**
     * Does something for one shop, where nobody is signed in: demo data, a command, a calendar.
     *
     * @template T
     *
     * @param  Closure(): T  $do
     * @return T
     */
    public function within(int $shop, Closure $do): mixed
    {
        [$before, $this->named] = [$this->named, $shop];
        try {
            return $do();
        } finally {
            $this->named = $before;
        }
    }
}
