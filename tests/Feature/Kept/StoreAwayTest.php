<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** When the record store is away it is said so, as a matter of waiting. */
final class StoreAwayTest extends TestCase
{
    public function test_a_store_that_is_away_is_a_503_with_a_sentence(): void
    {
        Config::set('database.connections.pgsql.port', 1);
        DB::purge();
        $this->postJson('/api/v1/session', ['email' => 'a@b.example', 'password' => 'x'])
            ->assertStatus(503)
            ->assertHeader('Retry-After', '3')
            ->assertJsonPath('title', 'The record store is away');
    }

    public function test_ping_needs_no_store(): void
    {
        Config::set('database.connections.pgsql.port', 1);
        DB::purge();
        $this->getJson('/api/v1/ping')
            ->assertOk()
            ->assertExactJson(['ok' => true]);
    }
}
