<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\KeepRecord;
use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\User;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Notebook\AskKind;
use CleanRace\Core\Patterns\HubPatterns;
use CleanRace\Core\Steps\Ask;
use CleanRace\Core\Tests\Job\RandomAnswers;
use Closure;
use Illuminate\Support\Carbon;
use Illuminate\Support\Defer\DeferredCallbackCollection;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Whatever a report asks can be entered; what makes no sense is refused with its field, its value and the reason. */
final class PlacesTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->actingAs($this->user);
        // What is noted for the board after each record is not what this is about.
        $this->app->instance(
            DeferredCallbackCollection::class,
            new class extends DeferredCallbackCollection
            {
                public function invokeWhen(?Closure $when = null): void
                {
                }
            },
        );
    }

    /** @return iterable<string, array{string}> */
    public static function patterns(): iterable
    {
        foreach (array_keys(HubPatterns::all()) as $id) {
            yield $id => [$id];
        }
    }

    /** @return array<string, mixed> something that cannot be meant there */
    private static function senseless(Ask $ask, Randomizer $random): array
    {
        $one = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];

        return match ($ask->kind) {
            AskKind::Length => ['typed' => $one(['-3', '0', '1900', 'wide', '47 in 46.7', ''])],
            AskKind::Depth => ['typed' => $one(['1900', '-900', 'deep', '3 3', ''])],
            AskKind::Choice => ['choice' => str_repeat('x', 81)],
            AskKind::Choices => ['choices' => ['perhaps']],
            AskKind::Tick => ['done' => 'yes'],
            AskKind::Sound => ['recording' => $one(['wheel.wav', '', 7])],
            AskKind::Taps => ['taps' => $one([[0.1, 0.5], 'often', [1, 2, 3, 'four']])],
            AskKind::Text => ['text' => '  '],
            AskKind::Number => ['text' => 'rust'],
            AskKind::Torque => ['typed' => $one(['tight', '9000', '-5'])],
            AskKind::Temperature, AskKind::Heat => ['typed' => $one(['warm', '900', '-300'])],
            AskKind::Gauge => ['typed' => '35 psi?!'],
            AskKind::Thread => ['text' => 'coarse'],
            AskKind::Turn => ['typed' => $one(['some', '9999'])],
            AskKind::Count => ['typed' => $one(['0', '1.5', '-4', '9999'])],
            AskKind::Meter => ['text' => '12400'],
            AskKind::When => ['text' => 'some day'],
            AskKind::ConeTry => ['mark' => '0', 'stage' => 'open', 'felt' => 'fine'],
            AskKind::Part => ['state' => 'pocket'],
            AskKind::Photos => ['photos' => 'one'],
            AskKind::Stack => ['do' => 'paint'],
        };
    }

    #[DataProvider('patterns')]
    public function test_every_place_that_is_asked_takes_what_makes_sense_and_refuses_what_does_not(string $pattern): void
    {
        $random = new Randomizer(new Mt19937(crc32($pattern) + 12));
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => $pattern]);
        $job->setRelation('shop', $this->user->shop);
        $keep = $this->app->make(KeepRecord::class);
        $report = fn () => $this->app->make(Workbench::class)->report($job, Notes::notebookOf($job));
        $first = RandomAnswers::asks($report());
        foreach (range(1, 3) as $_) {
            foreach (RandomAnswers::some($report(), $random) as $ask) {
                $entry = RandomAnswers::to($ask, $random);
                try {
                    $entry === null || $keep($job, $this->user, (string) Str::uuid7(), $ask->place, $entry, 'mm', null, Carbon::now());
                } catch (InvalidInput) {
                    continue;
                }
            }
        }
        // What was asked before any answer, and is not any more, is taken as well.
        $asked = RandomAnswers::asks($report()) + $first;
        self::assertGreaterThan(100, count($asked));
        $entered = [];
        foreach ($asked as $address => $ask) {
            $senseless = self::senseless($ask, $random);
            $refusal = $this->keep($job, $address, $senseless);
            self::assertSame(422, $refusal->status(), "$address: ".json_encode($senseless));
            self::assertContains($refusal->json('errors.0.field'), [$address, 'entry'], $address);
            self::assertNotEmpty($refusal->json('errors.0.detail'));
            self::assertNotNull($refusal->json('errors.0.value'), "$address: what was refused is said");
            $entry = RandomAnswers::to($ask, $random);
            if ($entry !== null) {
                self::assertSame(201, $this->keep($job, $address, $entry)->status(), "$address: ".json_encode($entry));
                $entered[] = $address;
            }
        }
        // Each stands in the next answer, whether it is still asked or not.
        $sheet = $this->getJson("/api/v1/jobs/$job->id")->assertOk();
        self::assertSame([], array_values(array_diff($entered, array_column($sheet->json('entries'), 'place'))));
    }

    public function test_what_is_measured_is_kept_whatever_other_answers_say(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'pair-sleeve']);
        // Nobody said that the face is rough, that another driver is used, that the bearing burst, or that a try came before.
        foreach (
            [
                'seat.left.ref.12' => ['typed' => '0.4'],
                'seat.driver.outside' => ['typed' => '46'],
                'strip.balls_found' => ['choice' => 'all'],
                'fastener.axle_nut.wrench_length' => ['typed' => '300'],
                'word.replace.sleeve' => ['text' => 'Next time'],
                'source.customer.3.answer' => ['text' => 'Yes'],
            ] as $place => $entry
        ) {
            $this->keep($job, $place, $entry)->assertCreated();
        }
        // A part that was taken out of the list a moment ago, by somebody else perhaps.
        $this->keep($job, 'hub.edits', ['do' => 'remove', 'part' => 'seal_left'])->assertCreated();
        $this->keep($job, 'part.seal_left', ['state' => 'on_tray', 'condition' => 'use'])->assertCreated();
        $this->keep($job, 'hub.edits', ['do' => 'undo'])->assertCreated();
        self::assertSame(
            'on_tray',
            array_column($this->getJson("/api/v1/jobs/$job->id")->json('report.tray'), 'state', 'part')['seal_left'],
        );
        $this->keep($job, 'seat.left.ref.12', null)->assertCreated();
    }

    public function test_what_no_hub_of_this_kind_has_is_refused_and_says_so(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'single-ring']);
        foreach (
            ['set.cone.try.1', 'part.sleeve', 'bore.left.lip.12', 'fastener.crown.torque', 'check.axle_left', 'set.taper.slots'] as $place
        ) {
            $this->keep($job, $place, ['typed' => '3'])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', $place);
        }
        foreach (['no.such', 'seat.bearing.home.13', '', 'word'] as $place) {
            $this->keep($job, $place, ['typed' => '3'])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.field', 'place');
        }
    }
}
