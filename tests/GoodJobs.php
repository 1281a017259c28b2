<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\Machine;
use App\Models\Tool;
use App\Models\User;
use CleanRace\Core\Tooling\ToolKind;
use Database\Seeders\DemoJob;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;

/** A mechanic who is signed in, and whole jobs of theirs. */
trait GoodJobs
{
    private User $user;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person()->load('shop');
        $this->actingAs($this->user);
    }

    /**
     * A whole good job of the demo, from complaint to where it may be signed.
     *
     * @param  array<string, string>  $texts answered otherwise, by place
     */
    protected function good(?Machine $machine = null, ?Carbon $start = null, array $texts = []): Job
    {
        Tool::query()->firstOrCreate(
            ['name' => '42 cup'],
            ['kind' => ToolKind::Cup, 'outside_mm' => 46.2, 'opening_mm' => 37, 'length_mm' => 60],
        );

        return $this->app
            ->make(DemoJob::class)
            ->load(
                $this->user,
                $machine ?? Machine::factory()->create(['shop_id' => $this->user->shop_id]),
                'Front wheel',
                'good',
                'Hums',
                $start ?? Carbon::now()->subHour(),
                $texts,
            );
    }

    /** Signs it off, on a day when one is named. */
    protected function sign(Job $job, ?Carbon $on = null): void
    {
        Carbon::setTestNow($on);
        try {
            $this->postJson("/api/v1/jobs/{$job->id}/signature")->assertCreated();
        } finally {
            Carbon::setTestNow();
        }
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    protected function take(mixed $file): TestResponse
    {
        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->post(
            '/api/v1/jobs/file',
            ['file' => UploadedFile::fake()->createWithContent('job.json', is_string($file) ? $file : (string) json_encode($file))],
            ['Accept' => 'application/json'],
        );
    }
}
