<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\Role;
use App\Models\SignOff;
use App\Models\User;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as Base;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

abstract class TestCase extends Base
{
    protected function person(Role $role = Role::Mechanic, ?User $sameShopAs = null): User
    {
        return User::factory()
            ->role($role)
            ->create($sameShopAs === null ? [] : ['shop_id' => $sameShopAs->shop_id])
            ->refresh();
    }

    /** Signs somebody in; whoever was before is gone with their session. */
    public function actingAs(Authenticatable $user, $guard = null)
    {
        $this->nobody()->flushSession();

        return parent::actingAs($user, $guard ?? 'web');
    }

    /** Nobody is signed in: what is made now belongs to whom it names. */
    protected function nobody(): static
    {
        $auth = $this->app->make('auth');
        $auth->forgetGuards();
        // As a request begins: what the one before it asked for is of that one.
        $auth->setDefaultDriver('web');

        return $this;
    }

    protected function jobOf(User $user): Job
    {
        $this->nobody();

        return Job::factory()->by($user)->create();
    }

    /** A job signed on some day, with nothing on its card. */
    protected function signedOn(Job $job, string $at): Job
    {
        $signature = ['job_id' => $job->id, 'author_id' => $job->opened_by, 'card' => [], 'signed_at' => Carbon::parse($at)];
        (new SignOff($signature))->forceFill(['shop_id' => $job->shop_id])->save();
        $job->forceFill(['signed_at' => Carbon::parse($at), 'signed_by' => $job->opened_by])->save();

        return $job;
    }

    /**
     * Keeps one record, as the bench does.
     *
     * @param  ?array<string, mixed>  $entry
     * @param  array<string, mixed>  $more
     * @return TestResponse<\Illuminate\Http\JsonResponse>
     */
    protected function keep(Job $job, string $place, ?array $entry, array $more = []): TestResponse
    {
        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->postJson(
            "/api/v1/jobs/{$job->id}/records",
            $more + ['id' => (string) Str::uuid(), 'place' => $place, 'entry' => $entry],
        );
    }

    /**
     * One figure of the verdicts of a step, as a job is answered.
     *
     * @param  array<string, mixed>  $report
     * @return array<string, mixed>
     */
    protected function step(array $report, string $id): array
    {
        foreach ($report['stations'] as $station) {
            foreach ($station['steps'] as $step) {
                if ($step['id'] === $id) {
                    return $step;
                }
            }
        }
        self::fail("No step $id.");
    }
}
