<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\LookAhead;
use App\Bench\DueDay;
use App\Bench\PartsDue;
use App\Models\DueItem;
use App\Models\FittedSet;
use App\Models\Job;
use App\Models\Machine;
use App\Models\MeterReading;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Record;
use App\Models\Supplier;
use App\Models\User;
use App\Store\RecordRow;
use CleanRace\Core\Measure\LookAgain;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Days on which things fall due, and that their lists stay quick however long they are. */
final class DueTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Machine $machine;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $this->actingAs($this->user);
    }

    /** @param  array<string, array<string, mixed>>  $values by place */
    private function signedJob(string $pattern, array $values, string $on = '2026-05-10'): Job
    {
        $job = Job::factory()
            ->by($this->user)
            ->create([
                'pattern' => $pattern,
                'machine_id' => $this->machine->id,
                'wheel' => 'Front wheel',
                'created_at' => Carbon::parse($on),
            ]);
        foreach ($values as $place => $value) {
            RecordRow::write(
                (new Record([
                    'id' => (string) Str::uuid7(),
                    'place' => $place,
                    'value' => $value,
                    'made_at' => Carbon::parse($on),
                    'received_at' => Carbon::parse($on),
                ]))->forceFill(['shop_id' => $job->shop_id, 'job_id' => $job->id, 'author_id' => $this->user->id]),
            );
        }
        $this->app->make(LookAhead::class)($this->signedOn($job, $on)->refresh());

        return $job;
    }

    /** @return iterable<string, array{string, ?string}> what is written, the day; signed on 2026-05-10 */
    public static function days(): iterable
    {
        yield 'a day' => ['2027-03-01', '2027-03-01'];
        yield 'a day in words' => ['1 September 2026', '2026-09-01'];
        yield 'months' => ['6 months', '2026-11-10'];
        yield 'weeks' => ['3 weeks', '2026-05-31'];
        yield 'a year' => ['a year', '2027-05-10'];
        yield 'a season that is to come' => ['autumn', '2026-09-01'];
        yield 'a season that has begun' => ['spring', '2027-03-01'];
        yield 'winter' => ['before the winter', '2026-12-01'];
        yield 'a meter that nobody reads' => ['12 000 km', null];
    }

    #[DataProvider('days')]
    public function test_a_time_becomes_a_day(string $written, ?string $day): void
    {
        self::assertSame(
            $day,
            DueDay::of(LookAgain::read($written), Carbon::parse('2026-05-10 16:30'), $this->machine->id)->on?->format('Y-m-d'),
        );
    }

    public function test_the_end_of_a_month_does_not_run_over(): void
    {
        self::assertSame(
            '2027-02-28',
            DueDay::of(LookAgain::read('6 months'), Carbon::parse('2026-08-31'), $this->machine->id)->on?->format('Y-m-d'),
        );
    }

    /** @return iterable<string, array{list<array{string, float}>, string, ?string, ?float}> readings, what is written, day, meter */
    public static function meters(): iterable
    {
        yield 'one reading is no rate' => [[['2026-01-01', 10000]], '12 000 km', null, 12000.0];
        yield 'two readings are' => [[['2026-01-01', 10000], ['2026-04-11', 11000]], '12 000 km', '2026-07-20', 12000.0];
        yield 'so much more than the last' => [[['2026-01-01', 10000], ['2026-04-11', 11000]], '+500 km', '2026-05-31', 11500.0];
        yield 'more than nothing known' => [[], '+500 km', null, null];
        yield 'too near each other to tell' => [[['2026-04-01', 10000], ['2026-04-11', 11000]], '12 000 km', null, 12000.0];
        yield 'a meter that stood still' => [[['2026-01-01', 10000], ['2026-04-11', 10000]], '12 000 km', null, 12000.0];
        yield 'already passed' => [[['2026-01-01', 10000], ['2026-04-11', 11000]], '10 500 km', '2026-04-11', 10500.0];
        yield 'hours are not kilometres' => [[['2026-01-01', 10000], ['2026-04-11', 11000]], '300 h', null, 300.0];
    }

    /** @param  list<array{string, float}>  $readings */
    #[DataProvider('meters')]
    public function test_a_meter_becomes_a_day_when_the_machine_was_in_twice(
        array $readings,
        string $written,
        ?string $day,
        ?float $meter,
    ): void {
        $job = Job::factory()
            ->by($this->user)
            ->create(['machine_id' => $this->machine->id]);
        foreach ($readings as [$on, $amount]) {
            MeterReading::query()->create([
                'machine_id' => $this->machine->id,
                'job_id' => $job->id,
                'amount' => $amount,
                'unit' => 'km',
                'read_on' => $on,
            ]);
        }
        $due = DueDay::of(LookAgain::read($written), Carbon::parse('2026-05-10'), $this->machine->id);
        self::assertSame([$day, $meter], [$due->on?->format('Y-m-d'), $due->meter]);
    }

    public function test_a_note_without_a_time_waits_for_the_machine(): void
    {
        $this->signedJob('pair-sleeve', ['prove.carry' => ['text' => 'Nipple not used']]);
        self::assertSame([], $this->getJson('/api/v1/ahead')->json('data'));
        $undated = $this->getJson('/api/v1/ahead?undated=1')->assertOk()->json('data');
        self::assertSame(
            [['Nipple not used', null, null]],
            array_map(static fn (array $i): array => [$i['what'], $i['on'], $i['meter']], $undated),
        );
    }

    public function test_nothing_said_nothing_due_but_a_setting_by_hand_is_looked_at_again(): void
    {
        $this->signedJob('pair-sleeve', []);
        self::assertSame(0, DueItem::query()->count());
        $this->signedJob('cup-cone', ['fastener.wheel_nuts.done' => ['done' => true]]);
        $item = DueItem::query()->firstOrFail();
        self::assertSame(
            ['recheck', '2026-05-17', 'Setting and torques after the first ride: wheel nuts or quick-release'],
            [$item->kind, $item->due_on?->format('Y-m-d'), $item->what],
        );
    }

    public function test_a_time_that_cannot_be_read_any_more_loses_no_note(): void
    {
        $this->signedJob('pair-sleeve', [
            'prove.carry' => ['text' => 'Look at the bore'],
            'prove.carry_when' => ['text' => 'when the swallows come'],
        ]);
        self::assertSame(['Look at the bore', null], [DueItem::query()->firstOrFail()->what, DueItem::query()->firstOrFail()->due_on]);
    }

    public function test_a_set_ends_when_the_next_one_goes_into_the_same_wheel(): void
    {
        $this->signedJob(
            'pair-sleeve',
            [
                'source.left.number' => ['text' => '6204 2RS'],
                'source.right.number' => ['text' => '6204 2RS'],
                'check.meter' => ['text' => '300 h', 'amount' => 300, 'unit' => 'h'],
            ],
            '2025-01-01',
        );
        $this->signedJob(
            'pair-sleeve',
            ['size.left.number' => ['text' => '6204'], 'check.meter' => ['text' => '9 000 km', 'amount' => 9000, 'unit' => 'km']],
            '2025-12-27',
        );
        [$old, $new] = [FittedSet::query()->orderBy('id')->firstOrFail(), FittedSet::query()->orderByDesc('id')->firstOrFail()];
        self::assertSame(
            ['6204 2RS', 360, null],
            [$old->bearings, $old->lasted_days, $old->lasted_meter],
            'hours and kilometres are not subtracted',
        );
        self::assertSame(['6204', null], [$new->bearings, $new->ended_on], 'nothing noted as new: what was found');
    }

    public function test_parts_on_their_way_are_due_tomorrow_at_the_earliest(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['machine_id' => $this->machine->id]);
        $supplier = Supplier::query()->create(['name' => 'Counter']);
        $order = static function (int $number, ?int $days, Carbon $on, int $received) use ($job, $supplier): void {
            $made = new Order([
                'supplier_id' => $supplier->id,
                'job_id' => $job->id,
                'author_id' => $job->opened_by,
                'number' => $number,
                'carriage_minor' => 0,
                'days' => $days,
            ]);
            $made->forceFill(['shop_id' => $job->shop_id, 'created_at' => $on])->save();
            OrderLine::query()->create([
                'order_id' => $made->id,
                'what' => 'x',
                'article' => 'x',
                'ask_for' => 'x',
                'quantity' => 2,
                'price_minor' => 1,
                'received' => $received,
            ]);
            PartsDue::note($job->id);
        };
        $due = static fn (): ?string => PartsDue::expected($job->refresh()->parts_on);
        self::assertNull($due());
        $order(1, 1, Carbon::now()->subDays(9), 2);
        self::assertNull($due(), 'all of it came');
        $order(2, 1, Carbon::now()->subDays(9), 1);
        self::assertSame(Carbon::tomorrow()->format('Y-m-d'), $due(), 'late');
        $order(3, 4, Carbon::now(), 0);
        self::assertSame(Carbon::now()->addDays(4)->format('Y-m-d'), $due());
        self::assertSame(Carbon::now()->addDays(4)->format('Y-m-d'), $this->getJson('/api/v1/jobs')->json('data.0.parts_on'));
    }

    public function test_lists_ask_the_same_few_queries_however_long_they_are(): void
    {
        $count = function (string $address): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson($address)->assertOk();

            return count(DB::getQueryLog());
        };
        $make = function (int $many): void {
            for ($i = 0; $i < $many; $i++) {
                $job = Job::factory()
                    ->by($this->user)
                    ->create(['machine_id' => $this->machine->id]);
                DueItem::query()->create([
                    'machine_id' => $this->machine->id,
                    'job_id' => $job->id,
                    'kind' => 'carry',
                    'wheel' => 'x',
                    'what' => 'y',
                    'due_on' => '2027-01-01',
                ]);
                FittedSet::query()->create([
                    'machine_id' => $this->machine->id,
                    'job_id' => $job->id,
                    'wheel' => "w$i",
                    'pattern' => 'spindle',
                    'bearings' => '6204',
                    'fitted_on' => '2026-01-01',
                ]);
            }
        };
        $make(2);
        $few = array_map(
            $count,
            $addresses = ['/api/v1/ahead', "/api/v1/machines/{$this->machine->id}", '/api/v1/bench-day', '/api/v1/jobs'],
        );
        $make(30);
        self::assertSame($few, array_map($count, $addresses));
        self::assertSame([1, 1, 2, 1], $few, 'the bench day asks first whether somebody chose');
    }

    public function test_every_list_is_read_from_an_index(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['machine_id' => $this->machine->id, 'bench_place' => 1]);
        DB::statement(
            "insert into machines (shop_id, name, model, owner, created_at, updated_at)
            select {$job->shop_id}, 'Trailer ' || n, '', '', now(), now() from generate_series(1, 3000) n",
        );
        DB::statement("insert into jobs (shop_id, machine_id, number, wheel, pattern, opened_by, standing, signed_at,
                created_at, updated_at)
            select {$job->shop_id}, m.id, 100 + m.id, 'Rear', 'pair-sleeve', {$job->opened_by}, '{}', null, now(), now()
            from machines m where m.id <> {$job->machine_id}");
        DB::statement("insert into sign_offs (shop_id, job_id, author_id, card, signed_at)
            select shop_id, id, opened_by, '{}', now() from jobs where machine_id % 3 = 0");
        DB::statement("update jobs set signed_by = opened_by, signed_at = now() at time zone 'UTC' where machine_id % 3 = 0");
        DB::statement("insert into due_items (shop_id, machine_id, job_id, kind, wheel, what, due_on, settled_at, created_at, updated_at)
            select {$job->shop_id}, machine_id, id, 'carry', 'x', 'y', date '2020-01-01' + (id % 6000)::int, 
                case when id % 3 = 0 then now() end, now(), now() from jobs");
        DB::statement(
            "insert into fitted_sets (shop_id, machine_id, job_id, wheel, pattern, bearings, fitted_on)
            select {$job->shop_id}, machine_id, id, wheel, pattern, '6204', now() from jobs",
        );
        DB::statement('analyze');
        foreach (
            [
                '/api/v1/jobs',
                '/api/v1/jobs?signed=1',
                '/api/v1/bench-day',
                '/api/v1/machines',
                "/api/v1/machines/{$this->machine->id}",
                '/api/v1/ahead',
                '/api/v1/ahead?undated=1',
            ] as $address
        ) {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson($address)->assertOk();
            DB::disableQueryLog();
            foreach (DB::getRawQueryLog() as $asked) {
                $plan = implode(
                    "\n",
                    array_map(
                        static fn (object $row): string => ((array) $row)['QUERY PLAN'],
                        DB::select('explain '.$asked['raw_query']),
                    ),
                );
                self::assertDoesNotMatchRegularExpression(
                    '/Seq Scan on (jobs|machines|due_items|fitted_sets)/',
                    $plan,
                    "$address: {$asked['raw_query']}",
                );
            }
        }
    }
}
