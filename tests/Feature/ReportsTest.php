<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\AsSigned;
use App\Bench\Notes;
use App\Bench\Workbench;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Tool;
use App\Models\User;
use App\Shapes\Json;
use CleanRace\Core\Tooling\ToolKind;
use Illuminate\Support\Facades\DB;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** What is kept of how a job stands is never stale: whatever it was worked out from may change. */
final class ReportsTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Machine $machine;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->actingAs($this->user);
        $this->machine = Machine::factory()->create(['shop_id' => $this->user->shop_id]);
        $this->job = $this->cones();
    }

    private function cones(): Job
    {
        return Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'cup-cone', 'machine_id' => $this->machine->id, 'wheel' => 'Front wheel']);
    }

    private function kept(): ?string
    {
        $stamp = DB::table('job_reports')->where('job_id', $this->job->id)->value('stamp');

        return is_string($stamp) ? $stamp : null;
    }

    /** @return array<string, mixed> the report as the page gets it; it must be as it would be worked out now */
    private function opened(string $after): array
    {
        $shown = $this->getJson("/api/v1/jobs/{$this->job->id}")
            ->assertOk()
            ->json('report');
        $job = Job::query()->with('shop', 'signOff')->whereKey($this->job->id)->sole();
        $report = $this->app->make(Workbench::class)->report($job, Notes::notebookOf($job));
        $fresh = json_decode(
            (string) json_encode($job->isSigned() ? AsSigned::shown($job, $report) : Json::of($report), Json::FLAGS),
            true,
        );
        self::assertSame($fresh, $shown, "stale after $after");
        self::assertNotNull($this->kept());

        return $shown;
    }

    public function test_what_is_kept_follows_whatever_it_was_worked_out_from(): void
    {
        $earlier = $this->job;
        $this->job = $this->cones();
        $other = Job::factory()
            ->by($this->user)
            ->create(['pattern' => 'cup-cone', 'machine_id' => Machine::factory()->create(['shop_id' => $this->user->shop_id])->id]);
        $tool = null;
        $changes = [
            'a record' => fn () => $this->keep($this->job, 'set.cone.axle', ['choice' => 'quick_release'])->assertCreated(),
            'a record withdrawn' => fn () => $this->keep($this->job, 'set.cone.axle', null)->assertCreated(),
            'a tool hung up' => function () use (&$tool): void {
                $tool = Tool::query()->create([
                    'name' => '36 cup',
                    'kind' => ToolKind::Cup,
                    'outside_mm' => 35,
                    'opening_mm' => 28,
                    'length_mm' => 60,
                ]);
            },
            'a tool measured anew' => function () use (&$tool): void {
                $tool?->update(['outside_mm' => 33]);
            },
            'a tool taken down' => function () use (&$tool): void {
                $tool?->delete();
            },
            'the way of the shop' => fn () => DB::table('shops')
                ->where('id', $this->user->shop_id)
                ->update([
                    'habits' => json_encode([
                        'heat' => 'warm',
                        'extraction' => 'press',
                        'seals' => 'after_own',
                        'second_check' => 'required',
                    ]),
                ]),
            'the press' => fn () => DB::table('shops')
                ->where('id', $this->user->shop_id)
                ->update(['press_capacity_n' => 50000]),
            'the draw bolt' => fn () => DB::table('shops')
                ->where('id', $this->user->shop_id)
                ->update(['draw_bolt' => 'M16']),
            'a spanner that an earlier job noted' => fn () => $this->keep($earlier, 'fastener.wheel_nuts.spanner', [
                'text' => '15',
            ])->assertCreated(),
            'another hub of its kind signed' => fn () => $this->signedOn($other, '2026-11-01 10:00:00+00'),
            'another release' => fn () => config(['app.release' => 'another']),
        ];
        $this->opened('nothing');
        foreach ($changes as $what => $change) {
            $before = $this->kept();
            $change();
            $this->app->forgetScopedInstances();
            $this->opened($what);
            self::assertNotSame($before, $this->kept(), "another stamp is due after $what");
            $again = $this->kept();
            $this->opened('nothing more');
            self::assertSame($again, $this->kept());
        }
    }

    public function test_it_is_worked_out_once_and_read_after(): void
    {
        $this->keep($this->job, 'set.cone.axle', ['choice' => 'solid'])->assertCreated();
        self::assertNotNull($this->kept(), 'after a record it is worked out behind the answer');
        DB::table('job_reports')
            ->where('job_id', $this->job->id)
            ->update(['body' => '{"kept":true}']);
        self::assertSame(
            ['kept' => true],
            $this->getJson("/api/v1/jobs/{$this->job->id}")
                ->assertOk()
                ->json('report'),
            'as it was kept',
        );
        $this->keep($this->job, 'set.cone.axle', ['choice' => 'quick_release'])->assertCreated();
        $this->opened('a record');
        DB::table('job_reports')->delete();
        $this->opened('the loss of what was kept');
    }

    public function test_another_shop_cannot_read_what_is_kept(): void
    {
        $this->opened('nothing');
        $this->nobody()->actingAs($this->person()->load('shop'));
        $this->getJson("/api/v1/jobs/{$this->job->id}")->assertNotFound();
    }
}
