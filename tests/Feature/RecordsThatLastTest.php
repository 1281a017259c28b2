<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cards\CustomerSheet;
use App\Models\Addendum;
use App\Models\Job;
use App\Models\Record;
use App\Models\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What outlives a job: its file, its addenda, the sets and what falls due, the calendar, the bench day. */
final class RecordsThatLastTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    public function test_after_the_signature_words_are_added_and_never_changed(): void
    {
        $job = $this->good();
        $id = (string) Str::uuid();
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => 'Too early'])
            ->assertStatus(409)
            ->assertJsonPath('title', 'Not signed yet');
        $this->sign($job);
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => ' '])->assertStatus(422);
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => 'Torque was 85'])->assertCreated();
        $this->postJson("/api/v1/jobs/{$job->id}/addenda", ['id' => $id, 'text' => 'Torque was 85'])->assertOk();
        self::assertSame(['Torque was 85'], array_column($this->getJson("/api/v1/jobs/{$job->id}")->json('addenda'), 'text'));
        self::assertStringStartsWith(
            '%PDF',
            (string) $this->get("/files/jobs/{$job->id}/card.pdf")
                ->assertOk()
                ->getContent(),
        );
        $this->expectException(QueryException::class);
        DB::transaction(
            static fn () => Addendum::query()
                ->whereKey($id)
                ->update(['text' => 'Torque was 90']),
        );
    }

    public function test_whoever_looked_it_over_cannot_sign_as_well_where_a_shop_wants_a_second_person(): void
    {
        $this->user->shop->update(['habits' => ['second_check' => 'required']]);
        $job = $this->good();
        $blocked = $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertStatus(409);
        self::assertContains('prove.second', array_column($blocked->json('errors'), 'field'));
        $this->keep($job, 'prove.second', ['choice' => 'pass'])->assertCreated();
        self::assertStringContainsString(
            'cannot sign it as well',
            $this->postJson("/api/v1/jobs/{$job->id}/signature")
                ->assertStatus(409)
                ->json('errors.0.detail'),
        );
        self::assertFalse($job->refresh()->isSigned());
    }

    public function test_looked_over_by_another_it_is_signed(): void
    {
        $this->user->shop->update(['habits' => ['second_check' => 'required']]);
        $job = $this->good();
        $this->actingAs($this->person(Role::Apprentice, $this->user));
        $this->keep($job, 'prove.second', ['choice' => 'pass'])->assertCreated();
        $this->nobody()->actingAs($this->user);
        $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
    }

    public function test_a_sheet_for_the_customer_says_before_and_now(): void
    {
        $job = $this->good();
        $this->sign($job);
        $pdf = $this->app->make(CustomerSheet::class)->pdf($job->refresh()->load('machine', 'shop', 'signer'), 'a4', 'mm');
        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, preg_match_all('#/Type\s*/Page\b(?!s)#', $pdf), 'one page');
        $html = view('customer', [
            'job' => $job,
            'complaint' => 'Hums <b>',
            'kind' => 'Pair',
            'causes' => ['Washed with a jet', 'Its <i>age</i>'],
            'decided' => [['Sleeve it, or a new hub?', 'Sleeve it']],
            'bearings' => ['Left: 6204'],
            'before' => ['Rumbles all round'],
            'after' => ['Quiet'],
            'due' => collect(),
        ])->render();
        self::assertStringContainsString('Hums &lt;b&gt;', $html);
        self::assertStringContainsString('<span class="m">Sleeve it, or a new hub?</span> Sleeve it', $html);
        self::assertStringContainsString('Washed with a jet; Its &lt;i&gt;age&lt;/i&gt;.', $html);
        self::assertLessThan(strpos($html, 'Quiet'), (int) strpos($html, 'Rumbles all round'));
    }

    public function test_cones_are_set_over_http_and_the_shop_learns_from_them(): void
    {
        $job = Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'cup-cone']);
        $step = fn (): array => $this->step($this->getJson("/api/v1/jobs/{$job->id}")->json('report'), 'set.cone');
        $try = fn (int $n, array $try, string $by = 'dial_gauge') => $this->keep($job, "set.cone.try.$n", $try, ['instrument' => $by]);
        $try(1, ['mark' => 0, 'stage' => 'nowhere', 'felt' => 'play'])->assertStatus(422);
        $try(1, ['mark' => 'x', 'stage' => 'open', 'felt' => 'play'])->assertStatus(422);
        $try(1, ['mark' => 0, 'stage' => 'open', 'felt' => 'play', 'typed' => '1.2'])->assertCreated();
        $try(2, ['mark' => 0, 'stage' => 'locked', 'felt' => 'play', 'typed' => '0.9'])->assertCreated();
        self::assertFalse($step()['done']);
        $cone = $this->getJson("/api/v1/jobs/{$job->id}")->json('report.set.cone');
        self::assertEqualsWithDelta(34, $cone['turn_deg'], 4);
        $try(3, ['mark' => $cone['set_deg'], 'stage' => 'open', 'felt' => 'trace', 'typed' => '0.35'])->assertCreated();
        $try(4, ['mark' => $cone['set_deg'], 'stage' => 'locked', 'felt' => 'none'])->assertCreated();
        self::assertSame(['coach.done', true], [$step()['verdicts'][0]['headline']['key'], $step()['done']]);
        self::assertSame('dial_gauge', Record::query()->where('place', 'set.cone.try.1')->firstOrFail()->instrument);
    }
}
