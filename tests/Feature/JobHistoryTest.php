<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cards\PrintedCard;
use App\Models\Machine;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\GoodJobs;
use Tests\TestCase;

/** What is remembered of a machine, and what its card says. */
final class JobHistoryTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    public function test_fasteners_are_remembered_for_this_wheel_of_this_machine(): void
    {
        $job = $this->good();
        $again = fn (string $wheel) => $this->getJson(
            '/api/v1/jobs/'.
                $this->postJson('/api/v1/jobs', [
                    'machine_id' => $job->machine_id,
                    'wheel' => $wheel,
                    'pattern' => 'pair-sleeve',
                    'complaint' => 'x',
                ])->json('id'),
        )->json('remembered');
        $remembered = array_column($again('Front wheel'), null, 'place');
        self::assertSame('24', $remembered['fastener.axle_nut.spanner']['value']['text']);
        self::assertEquals(80, $remembered['fastener.axle_nut.torque']['value']['nm']);
        self::assertArrayNotHasKey('fastener.axle_nut.done', $remembered, 'that it was tightened is not remembered');
        self::assertSame([], $again('Rear wheel'));
    }

    public function test_the_history_of_a_machine_says_what_was_fitted_and_carried_forward(): void
    {
        $job = $this->good();
        $this->postJson("/api/v1/jobs/{$job->id}/signature");
        $past = $this->getJson("/api/v1/machines/{$job->machine_id}")
            ->assertOk()
            ->json('jobs.0');
        self::assertSame(
            [['6204 DDU', '6204 DDU'], '12 000 km', $this->user->name],
            [$past['fitted'], $past['look_again'], $past['signed_by']],
        );
        self::assertStringContainsString('seal track worn', $past['carried']);
    }

    public function test_the_history_follows_what_is_noted_and_taken_back(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        $this->keep($job, 'source.right.number', ['text' => '6005 2RS'])->assertCreated();
        $this->keep($job, 'prove.carry', ['text' => 'Look at the nipple'])->assertCreated();
        $past = fn (): array => $this->getJson("/api/v1/machines/{$job->machine_id}")->json('jobs.0');
        self::assertSame(
            [['6005 2RS'], 'Look at the nipple', null, null],
            [$past()['fitted'], $past()['carried'], $past()['look_again'], $past()['signed_at']],
        );
        $this->keep($job, 'prove.carry', null)->assertCreated();
        $this->keep($job, 'source.right.number', ['text' => '6005 2Z'])->assertCreated();
        self::assertSame([['6005 2Z'], null], [$past()['fitted'], $past()['carried']]);
    }

    public function test_jobs_from_before_are_read_at_a_glance_as_they_would_be_now(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        foreach (
            [
                'source.right.number' => ['text' => '6005 2RS'],
                'source.left.number' => ['text' => '6004 2RS'],
                'prove.carry' => ['text' => 'Look at the nipple'],
                'prove.carry_when' => ['text' => 'spring'],
            ] as $place => $entry
        ) {
            $this->keep($job, $place, $entry)->assertCreated();
        }
        $this->keep($job, 'prove.carry_when', null)->assertCreated();
        $noted = $job->refresh()->standing;
        DB::table('jobs')
            ->where('id', $job->id)
            ->update(['standing' => json_encode(array_diff_key($noted, ['fitted' => 0, 'carried' => 0, 'look_again' => 0]))]);
        $only = ['--path' => 'database/migrations/2026_11_26_000000_read_at_a_glance.php', '--force' => true];
        self::assertSame([0, 0], [Artisan::call('migrate:rollback', $only), Artisan::call('migrate', $only)]);
        self::assertSame(['6004 2RS', '6005 2RS'], $noted['fitted'] ?? null);
        self::assertEquals($noted, $job->refresh()->standing);
    }

    public function test_the_card_is_one_page_on_both_papers_and_says_what_was_done(): void
    {
        $job = $this->good();
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
        foreach (['' => '595', '?paper=letter' => '612'] as $query => $width) {
            $pdf = (string) $this->get("/files/jobs/{$job->id}/card.pdf$query")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            self::assertStringStartsWith('%PDF', $pdf);
            self::assertSame(1, preg_match_all('#/Type /Page\b(?!s)#', $pdf), "one page on $query");
            self::assertMatchesRegularExpression("#/MediaBox \\[0\\.000 0\\.000 $width#", $pdf);
        }
    }

    public function test_an_unsigned_long_job_still_prints_on_one_page(): void
    {
        $job = $this->good();
        $this->keep($job, 'prove.carry', ['text' => str_repeat('seal track worn, look again. ', 60)]);
        $pdf = $this->app->make(PrintedCard::class)->pdf($job->load('machine', 'shop', 'signer', 'signOff'), 'a4', 'in');
        self::assertSame(1, preg_match_all('#/Type /Page\b(?!s)#', $pdf));
    }
}
