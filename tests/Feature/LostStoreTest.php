<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Store\BesideConnection;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The record store is gone in the middle of something: whoever runs on for hours finds it again by itself. */
final class LostStoreTest extends TestCase
{
    use RefreshDatabase;

    protected function tearDown(): void
    {
        DB::purge('another');
        parent::tearDown();
    }

    private function another(bool $kept): Connection
    {
        $store = config('database.connections.pgsql');
        config(['database.connections.another' => ['options' => [PDO::ATTR_PERSISTENT => $kept] + $store['options']] + $store]);

        return DB::connection('another');
    }

    /** A connection that was lost in the middle of a transaction. */
    private function lost(bool $kept): Connection
    {
        $lost = $this->another($kept);
        try {
            $lost->transaction(static fn () => $lost->select('select pg_terminate_backend(pg_backend_pid())'));
            self::fail('It was not lost.');
        } catch (PDOException) {
            return $lost;
        }
    }

    #[DataProvider('ways')]
    public function test_what_comes_after_a_transaction_that_was_cut_off_is_done(bool $kept): void
    {
        $lost = $this->lost($kept);
        self::assertSame(7, $lost->transaction(static fn () => $lost->scalar('select 7')));
        self::assertSame(0, $lost->transactionLevel());
    }

    #[DataProvider('ways')]
    public function test_what_is_told_beside_a_transaction_does_not_wait_for_its_end(bool $kept): void
    {
        $main = $this->another($kept);
        config(['database.default' => 'another']);
        $main->beginTransaction();
        $beside = BesideConnection::with(static fn (Connection $beside): array => [
            $beside->scalar('select pg_backend_pid()'),
            $beside->transactionLevel(),
        ]);
        self::assertNotSame($beside[0], $main->scalar('select pg_backend_pid()'));
        self::assertSame(0, $beside[1]);
        $main->rollBack();
    }

    /** @return array<string, array{bool}> */
    public static function ways(): array
    {
        return ['opened for itself' => [false], 'kept' => [true]];
    }
}
