<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Devices\PressGauge;
use App\Devices\PressWatch;
use App\Models\Job;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** The press gauge is followed by one watcher and read by many: no request waits for it. */
final class PressWatchTest extends TestCase
{
    use RefreshDatabase;

    private Job $job;

    private ?Process $press = null;

    protected function setUp(): void
    {
        parent::setUp();
        $user = $this->person();
        $this->job = $this->jobOf($user);
        $this->actingAs($user);
    }

    protected function tearDown(): void
    {
        $this->press?->stop(0);
        parent::tearDown();
    }

    public function test_a_press_is_read_live_and_says_stop_in_time(): void
    {
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('No port is free.');
        $port = explode(':', (string) stream_socket_get_name($free, false))[1];
        fclose($free);
        $this->press = new Process(['php', base_path('ops/press-stand-in.php'), $port]);
        $this->press->start();
        for ($i = 0; $i < 50 && @fsockopen('127.0.0.1', (int) $port) === false; $i++) {
            usleep(40_000);
        }
        $this->app->instance(PressGauge::class, new PressGauge("127.0.0.1:$port"));
        $live = "/api/v1/jobs/{$this->job->id}/seats/left/live";
        $this->getJson($live)->assertNoContent();
        $begun = $this->postJson($live, ['id' => (string) Str::uuid(), 'kind' => 'cocked', 'seed' => 4, 'pace' => 20])
            ->assertCreated()
            ->assertJsonPath('state', 'waiting')
            ->json();
        self::assertSame($begun['id'], $this->postJson($live, ['kind' => 'good'])->assertOk()->json('id'), 'there is one at a time');
        $watch = $this->app->make(PressWatch::class);
        $kinds = [];
        $samples = [];
        do {
            $left = $watch->look();
            $said = $this->getJson("$live?of={$begun['id']}&after=".count($samples))->assertOk();
            $samples = [...$samples, ...$said->json('samples')];
            $kinds[] = $said->json('result.kind');
            self::assertSame($said->json('count'), count($samples), 'each sample comes once');
        } while ($left > 0 && count($kinds) < 500);
        self::assertSame('ended', $said->json('state'));
        $first = array_search('cocked', $kinds, true);
        self::assertTrue(is_int($first) && $first < count($kinds) - 1, 'it is said while it goes in');
        self::assertGreaterThan(50, count($samples));
        $whole = $this->getJson($live)->assertOk()->assertJsonCount(count($samples), 'samples');
        $this->getJson($live, ['If-None-Match' => (string) $whole->headers->get('ETag')])->assertStatus(304);
        $this->postJson($live, ['kind' => 'sideways'])->assertStatus(422)->assertJsonPath('errors.0.field', 'kind');

        // Stopped, it ends and the line is closed.
        $this->postJson($live, ['kind' => 'good', 'pace' => 1])->assertCreated();
        self::assertSame(1, $watch->look());
        $this->deleteJson($live)->assertNoContent();
        self::assertSame(0, $watch->look());
        $this->getJson($live)->assertJsonPath('state', 'ended');
    }

    public function test_without_a_gauge_it_says_so(): void
    {
        $live = "/api/v1/jobs/{$this->job->id}/seats/left/live";
        $this->postJson($live)->assertCreated();
        self::assertSame(0, $this->app->make(PressWatch::class)->look());
        $this->getJson($live)->assertOk()->assertJsonPath('state', 'failed')->assertJsonPath('count', 0);

        // Nor does it wait for ever where nobody follows the gauge.
        $this->postJson($live)->assertCreated()->assertJsonPath('state', 'waiting');
        $this->travel(30)->seconds();
        $this->getJson($live)->assertOk()->assertJsonPath('state', 'failed');
    }
}
