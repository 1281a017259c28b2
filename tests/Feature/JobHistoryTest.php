<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cards\PrintedCard;
use App\Models\Job;
use App\Models\Machine;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is remembered of a machine, and what its card says. */
final class JobHistoryTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    public function test_a_wheel_that_comes_again_brings_what_is_true_of_its_hub(): void
    {
        $job = $this->good();
        $this->keep($job, 'source.left.number', ['text' => '6204 2RS C3'])->assertCreated();
        $lent = $this->lentTo($job, 'Front wheel');
        self::assertSame('24', $lent['fastener.axle_nut.spanner']['value']['text']);
        self::assertEquals(80, $lent['fastener.axle_nut.torque']['value']['nm']);
        self::assertSame('aluminium', $lent['size.hub_material']['value']['choice']);
        self::assertEquals(57.6, $lent['size.sleeve_length']['value']['mm']);
        self::assertSame('6204 2RS C3', $lent['size.left.number']['value']['text'], 'what was fitted is what lies there');
        $number = $lent['size.left.number'];
        self::assertSame([$job->number, 'Front wheel', true], [$number['job'], $number['wheel'], $number['same_wheel']]);
        $days = preg_grep('/^(part|bore|fit|check|strip|seat|set|prove|word)[.]|[.]done$|room_temperature/', array_keys($lent)) ?: [];
        $hubs = ['check.ring_side', 'seat.driver'];
        self::assertSame([], array_values(array_diff($days, $hubs)), 'what was so on the day is not lent');
    }

    public function test_the_other_wheel_starts_from_the_first_but_for_its_own_lengths(): void
    {
        $job = $this->good();
        $lent = $this->lentTo($job, 'Rear wheel');
        self::assertSame('24', $lent['fastener.axle_nut.spanner']['value']['text']);
        self::assertFalse($lent['size.left.number']['same_wheel']);
        self::assertArrayNotHasKey('size.sleeve_length', $lent);
        self::assertSame([], $this->lentTo($job, 'Rear wheel', 'taper-pair'), 'another hub knows nothing of it');
        $second = Job::query()->where(['wheel' => 'Rear wheel', 'pattern' => 'pair-sleeve'])->firstOrFail();
        $taken = $this->keep($second, 'fastener.axle_nut.spanner', ['text' => '24', 'from_job' => $job->number])->assertCreated();
        self::assertSame(['text' => '24', 'from_job' => $job->number], $taken->json('value'), 'it says where it is from');
        $this->keep($second, 'fastener.axle_nut.thread', ['text' => 'M12', 'from_job' => 'x'])
            ->assertCreated()
            ->assertJsonMissingPath('value.from_job');
        // The wheel itself knows better than the other one, however long ago.
        $this->lentTo($job, 'Side wheel');
        $this->keep($job, 'size.left.number', ['text' => '6205 2RS'])->assertCreated();
        self::assertSame('6205 2RS', $this->lentTo($job, 'Front wheel')['size.left.number']['value']['text']);
    }

    public function test_nothing_is_lent_to_a_signed_job_or_to_another_machine(): void
    {
        $job = $this->good();
        $this->lentTo($job, 'Rear wheel');
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
        self::assertSame([], $this->getJson("/api/v1/jobs/{$job->id}")->json('lent'));
        $other = $this->jobOf($this->user);
        $this->actingAs($this->user)->getJson("/api/v1/jobs/{$other->id}")->assertOk()->assertJsonPath('lent', []);
    }

    /** @return array<string, array<string, mixed>> what a new job on the same machine is offered, by place */
    private function lentTo(Job $job, string $wheel, string $pattern = 'pair-sleeve'): array
    {
        $opened = $this->postJson('/api/v1/jobs', [
            'machine_id' => $job->machine_id,
            'wheel' => $wheel,
            'pattern' => $pattern,
            'complaint' => 'x',
        ])->assertCreated();

        return array_column($this->getJson('/api/v1/jobs/'.$opened->json('id'))->json('lent'), null, 'place');
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
