<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Machine;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A job that was opened wrongly: put right, or closed without a signature. */
final class JobsPutRightTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    public function test_another_kind_of_hub_keeps_what_still_fits(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        $this->keep($job, 'check.spin', ['choice' => 'rumble'])->assertCreated();
        $this->keep($job, 'size.hub_material', ['choice' => 'steel'])->assertCreated();
        $this->keep($job, 'size.sleeve_length', ['typed' => '57.6'])->assertCreated();
        $this->patchJson("/api/v1/jobs/{$job->id}", ['pattern' => 'taper-pair', 'wheel' => 'Trailer wheel'])
            ->assertOk()
            ->assertJsonPath('wheel', 'Trailer wheel');
        $sheet = $this->getJson("/api/v1/jobs/{$job->id}")->assertOk();
        self::assertSame('taper-pair', $sheet->json('pattern'));
        $names = array_column($sheet->json('report.section.pieces'), 'kind');
        self::assertContains('taper_cup', $names);
        self::assertSame('rumble', array_column($sheet->json('entries'), 'value', 'place')['check.spin']['choice']);
        // Back again: nothing was lost on the way.
        $this->patchJson("/api/v1/jobs/{$job->id}", ['pattern' => 'pair-sleeve'])->assertOk();
        $length = array_column($this->getJson("/api/v1/jobs/{$job->id}")->json('entries'), 'value', 'place')['size.sleeve_length'];
        self::assertEquals(57.6, $length['mm']);
        $kept = $job->refresh()->put_right;
        self::assertSame([['pair-sleeve', 'Front wheel'], ['taper-pair', null]], array_map(
            static fn (array $was): array => [$was['pattern'] ?? null, $was['wheel'] ?? null],
            $kept,
        ));
        self::assertSame([$this->user->name, $this->user->name], array_column($kept, 'by'));
    }

    public function test_every_kind_can_become_every_other_with_what_a_whole_job_holds(): void
    {
        $job = $this->good();
        $this->keep($job, 'hub.edits', ['edits' => []]);
        foreach ($this->getJson('/api/v1/patterns')->json('data') as $kind) {
            $this->patchJson("/api/v1/jobs/{$job->id}", ['pattern' => $kind['id']])->assertOk();
            $this->getJson("/api/v1/jobs/{$job->id}")->assertOk()->assertJsonPath('pattern', $kind['id']);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no such kind' => [['pattern' => 'square-wheel'], 'pattern'];
        yield 'an empty wheel' => [['wheel' => ''], 'wheel'];
        yield 'a wheel of a hundred letters' => [['wheel' => str_repeat('x', 100)], 'wheel'];
        yield 'a list' => [['wheel' => ['x']], 'wheel'];
    }

    /** @param  array<string, mixed>  $to */
    #[DataProvider('wrong')]
    public function test_what_is_no_correction_is_said(array $to, string $field): void
    {
        $job = $this->jobOf($this->user);
        $answer = $this->actingAs($this->user)->patchJson("/api/v1/jobs/{$job->id}", $to)->assertStatus(422);
        self::assertSame([$field], array_column($answer->json('errors'), 'field'));
        self::assertSame('pair-sleeve', $job->refresh()->pattern);
        self::assertSame([], $job->put_right);
    }

    public function test_a_job_is_closed_without_a_signature_and_leaves_the_board(): void
    {
        $job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        $this->postJson("/api/v1/jobs/{$job->id}/closed", [])->assertStatus(422);
        $this->postJson("/api/v1/jobs/{$job->id}/closed", ['reason' => ' '])->assertStatus(422);
        $this->postJson("/api/v1/jobs/{$job->id}/closed", ['reason' => 'Opened twice'])->assertOk();
        self::assertSame([], $this->getJson('/api/v1/jobs')->json('data'));
        self::assertSame([], $this->getJson('/api/v1/jobs?signed=1')->json('data'));
        self::assertSame([], $this->getJson('/api/v1/bench-day')->json('jobs'));
        self::assertSame(0, $this->getJson('/api/v1/machines')->json('data.0.open_jobs'));
        $sheet = $this->getJson("/api/v1/jobs/{$job->id}")->assertOk();
        self::assertSame(['Opened twice', $this->user->name], [$sheet->json('closed.reason'), $sheet->json('closed.by')]);
        $past = $this->getJson("/api/v1/machines/{$job->machine_id}")->json('jobs.0');
        self::assertSame(['Opened twice', null], [$past['closed_for'], $past['signed_at']]);
    }

    public function test_nothing_is_entered_or_signed_in_a_closed_job_until_it_is_taken_up_again(): void
    {
        $job = $this->good();
        $this->postJson("/api/v1/jobs/{$job->id}/closed", ['reason' => 'The customer took it away'])->assertOk();
        $this->keep($job, 'prove.carry', ['text' => 'x'])->assertStatus(409);
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertStatus(409);
        $this->patchJson("/api/v1/jobs/{$job->id}", ['wheel' => 'Rear wheel'])->assertStatus(409);
        $this->deleteJson("/api/v1/jobs/{$job->id}/closed")->assertOk();
        self::assertNull($job->refresh()->dropped_for);
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
        $this->postJson("/api/v1/jobs/{$job->id}/closed", ['reason' => 'x'])->assertStatus(409);
        $this->patchJson("/api/v1/jobs/{$job->id}", ['wheel' => 'Rear wheel'])->assertStatus(409);
        $this->deleteJson("/api/v1/jobs/{$job->id}/closed")->assertStatus(409);
        self::assertTrue($job->refresh()->isSigned());
    }

    public function test_a_closed_job_of_a_machine_says_so_beside_the_others(): void
    {
        $machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $jobs = array_map(fn (): Job => Job::factory()->by($this->user)->create(['machine_id' => $machine->id]), [1, 2]);
        $this->actingAs($this->user)->postJson("/api/v1/jobs/{$jobs[0]->id}/closed", ['reason' => 'Twice'])->assertOk();
        self::assertSame(
            [null, 'Twice'],
            array_column($this->getJson("/api/v1/machines/{$machine->id}")->json('jobs'), 'closed_for'),
        );
        self::assertSame(1, $this->getJson('/api/v1/machines')->json('data.0.open_jobs'));
    }
}
