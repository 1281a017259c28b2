<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\KeepRecording;
use App\Errands\TakesAlong;
use App\Models\AcceptedKey;
use App\Models\DueItem;
use App\Models\Errand;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Photo;
use App\Models\PressTrace;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\Supplier;
use App\Models\Tablet;
use App\Models\Tool;
use App\Models\User;
use CleanRace\Core\Sound\Wave\WaveText;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\GuardedRoutes;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Every route: nobody signed in, another shop, each role. A new route fails here until it is written down. */
final class AuthorisationTest extends TestCase
{
    use RefreshDatabase;

    /** What anyone may call. */
    private const OPEN = [
        'GET api/v1/ping',
        'POST api/v1/session',
        'POST api/v1/joining',
        'GET api/v1/begin',
        'POST api/v1/begin',
        'GET sanctum/csrf-cookie',
        'GET {page?}',
        'GET calendar/{key}.ics',
    ];

    /** @param  array<string, mixed>  $body */
    #[DataProviderExternal(GuardedRoutes::class, 'guarded')]
    public function test_nobody_gets_in_without_signing_in(string $verb, string $path, array $body): void
    {
        [$path, $body] = $this->filled($path, $body, $this->person());
        $this->json($verb, $path, $body)
            ->assertStatus(401)
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('title', 'Not signed in');
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array{int, int, int, int}  $expected
     */
    #[DataProviderExternal(GuardedRoutes::class, 'guarded')]
    public function test_each_role_may_do_what_is_its_to_do(string $verb, string $path, array $body, array $expected): void
    {
        foreach ([Role::Owner, Role::Mechanic, Role::Apprentice, Role::Counter] as $i => $role) {
            $user = $this->person($role);
            [$there, $filled] = $this->filled($path, $body, $user);
            $this->actingAs($user)->json($verb, $there, $filled)->assertStatus($expected[$i]);
        }
    }

    /** @param  array<string, mixed>  $body */
    #[DataProviderExternal(GuardedRoutes::class, 'guarded')]
    public function test_what_belongs_to_another_shop_is_not_there(string $verb, string $path, array $body): void
    {
        if (! str_contains(str_replace(['@tools', '@jobfile', '@mail', '@machines'], '', $path.json_encode($body)), '@')) {
            $this->addToAssertionCount(1);

            return;
        }
        [$there, $filled] = $this->filled($path, $body, $this->person());
        $this->actingAs($this->person(Role::Owner))
            ->json($verb, $there, $filled)
            ->assertStatus(404)
            ->assertJsonPath('title', 'Not here');
    }

    public function test_every_route_is_written_down_here(): void
    {
        $known = array_map(
            static fn (array $case): string => $case[0].' '.preg_replace('/@\w+/', '{}', ltrim($case[1], '/')),
            iterator_to_array(GuardedRoutes::guarded()),
        );
        $known = array_map(
            static fn (string $k): string => str_replace(
                ['calculators/length', 'hub.svg', 'order.pdf', 'seats/left', 'turned-piece.svg?outside=44&bore=30&length=60'],
                ['calculators/{}', 'hub.{}', 'order.{}', 'seats/{}', 'turned-piece.{}'],
                $k,
            ),
            array_values($known),
        );
        $routes = array_map(
            static fn (Route $r): string => array_values(array_diff($r->methods(), ['HEAD']))[0].' '.$r->uri(),
            Router::getRoutes()->getRoutes(),
        );
        foreach ($routes as $route) {
            if (! in_array($route, self::OPEN, true)) {
                self::assertContains(preg_replace('/\{\w+\}/', '{}', $route), $known, "$route has no authorisation test.");
            }
        }
    }

    public function test_lists_hold_only_what_belongs_to_the_shop(): void
    {
        $mine = $this->person();
        $job = $this->jobOf($mine);
        $this->jobOf($this->person());
        $this->actingAs($mine);
        self::assertSame([$job->id], array_column($this->getJson('/api/v1/jobs')->json('data'), 'id'));
        self::assertSame([$job->machine_id], array_column($this->getJson('/api/v1/machines')->json('data'), 'id'));
    }

    public function test_a_job_cannot_be_opened_on_another_shops_machine(): void
    {
        $theirs = $this->jobOf($this->person())->machine_id;
        $this->actingAs($this->person(Role::Owner))
            ->postJson('/api/v1/jobs', ['machine_id' => $theirs, 'wheel' => 'Front', 'pattern' => 'pair-sleeve', 'complaint' => 'x'])
            ->assertNotFound();
    }

    public function test_nobody_can_name_a_shop_for_what_they_make(): void
    {
        $mine = $this->person();
        $other = $this->person();
        $this->actingAs($mine)
            ->postJson('/api/v1/machines', ['name' => 'Barrow', 'shop_id' => $other->shop_id])
            ->assertCreated();
        self::assertSame($mine->shop_id, Machine::query()->withoutGlobalScopes()->where('name', 'Barrow')->firstOrFail()->shop_id);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return array{string, array<string, mixed>}
     */
    private function filled(string $path, array $body, User $user): array
    {
        $job = $this->jobOf($user);
        $photo = new Photo(['id' => (string) Str::uuid(), 'width' => 1, 'height' => 1, 'jpeg' => 'x']);
        $photo->forceFill(['shop_id' => $user->shop_id, 'job_id' => $job->id, 'author_id' => $user->id])->save();
        $wave = WaveText::of(array_fill(0, 800, 0.1), 8_000);
        $values = [
            '@machine' => $job->machine_id,
            '@job' => $job->id,
            '@mail' => Str::lower(Str::random(12)).'@shop.example',
            '@uuid' => (string) Str::uuid(),
            '@photo_id' => $photo->id,
            '@recording' => KeepRecording::row($job, $user, (string) Str::uuid(), $wave, 8_000, 0.1)->id,
            '@wave' => UploadedFile::fake()->createWithContent('wheel.wav', $wave),
            '@photo' => UploadedFile::fake()->image('part.jpg', 40, 30),
            '@tools' => UploadedFile::fake()->createWithContent('tools.csv', "name,kind,outside_mm,length_mm\n40 cup,cup,44,60\n"),
            '@machines' => UploadedFile::fake()->createWithContent('machines.csv', "name,owner\nBarrow,Harbour Hire\n"),
            '@jobfile' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode(JobFilesTest::file())),
            '@csv' => UploadedFile::fake()->createWithContent('prices.csv', "article,price\n6204-2RS,4.20\n"),
        ];
        if (preg_match('/@(supplier|order|item|line)/', $path.json_encode($body)) === 1) {
            $values += $this->bought($job, $user);
        }

        if (str_contains($path, '@tablet')) {
            $tablet = new Tablet(['name' => 'Left bench', 'key_hash' => str_repeat('0', 64), 'enrolled_by' => $user->id]);
            $tablet->forceFill(['shop_id' => $user->shop_id])->save();
            $values += ['@tablet' => $tablet->id];
        }
        if (str_contains($path, '@key')) {
            $key = new AcceptedKey([
                'public_key' => base64_encode(str_repeat('a', 32)),
                'name' => 'Sound Works',
                'accepted_by' => $user->id,
                'accepted_at' => now(),
            ]);
            $key->forceFill(['shop_id' => $user->shop_id])->save();
            $values += ['@key' => $key->id];
        }
        if (str_contains($path, '@along')) {
            $asked = ['id' => (string) Str::uuid(), 'kind' => 'take_along', 'state' => 'done', 'asked_at' => now()];
            $errand = new Errand($asked + ['by_id' => $user->id]);
            $errand->forceFill(['shop_id' => $user->shop_id])->save();
            file_put_contents(TakesAlong::path($errand->id), 'x');
            $values += ['@along' => $errand->id];
        }
        if (str_contains($path, '@errand')) {
            $asked = ['id' => (string) Str::uuid(), 'kind' => 'take_job', 'state' => 'waiting', 'asked_at' => now()];
            $errand = new Errand($asked + ['by_id' => $user->id]);
            $errand->forceFill(['shop_id' => $user->shop_id])->save();
            $values += ['@errand' => $errand->id];
        }
        if (str_contains($path, '@token')) {
            $values += ['@token' => $user->createToken('Scale', ['read'])->accessToken->id];
        }
        if (str_contains($path, '@person')) {
            $values += ['@person' => $this->person(Role::Apprentice, $user)->id];
        }
        if (str_contains($path, '@due')) {
            $due = new DueItem([
                'machine_id' => $job->machine_id,
                'job_id' => $job->id,
                'kind' => 'carry',
                'wheel' => 'Front wheel',
                'what' => 'Look at the bore',
                'due_on' => '2027-03-01',
            ]);
            $due->forceFill(['shop_id' => $user->shop_id])->save();
            $values += ['@due' => $due->id];
        }
        if (preg_match('/@(tool|trace)\b/', $path) === 1) {
            $tool = new Tool(['name' => 'Old cup', 'kind' => 'cup', 'outside_mm' => 40, 'length_mm' => 50]);
            $tool->forceFill(['shop_id' => $user->shop_id])->save();
            $trace = new PressTrace([
                'id' => (string) Str::uuid(),
                'seat' => 'left',
                'source' => 'press',
                'samples' => [[0, 0], [1, 100]],
                'made_at' => now(),
            ]);
            $trace->forceFill(['shop_id' => $user->shop_id, 'job_id' => $job->id, 'author_id' => $user->id])->save();
            $values += ['@tool' => $tool->id, '@trace' => $trace->id];
        }

        return [
            (string) preg_replace_callback('/@\w+/', static fn (array $m): string => (string) $values[$m[0]], $path),
            self::inside($body, $values),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $body
     * @param  array<string, mixed>  $values
     * @return array<array-key, mixed>
     */
    private static function inside(array $body, array $values): array
    {
        return array_map(
            static fn (mixed $v): mixed => is_array($v) ? self::inside($v, $values) : (is_string($v) ? $values[$v] ?? $v : $v),
            $body,
        );
    }

    /** @return array<string, int> ids of a supplier, an order with a line, and something on the shelf */
    private function bought(Job $job, User $user): array
    {
        $mine = ['shop_id' => $user->shop_id];
        $supplier = new Supplier(['name' => 'Counter']);
        $supplier->forceFill($mine)->save();
        $order = new Order([
            'supplier_id' => $supplier->id,
            'job_id' => $job->id,
            'author_id' => $user->id,
            'number' => 1 + (int) Order::query()->withoutGlobalScopes()->max('number'),
            'carriage_minor' => 350,
        ]);
        $order->forceFill($mine)->save();
        $line = new OrderLine([
            'order_id' => $order->id,
            'what' => 'Left bearing',
            'article' => '6204-2RS',
            'ask_for' => '6204',
            'quantity' => 2,
            'price_minor' => 840,
        ]);
        $line->forceFill($mine)->save();
        $item = new ShelfItem(['article' => '6204 2RS', 'count' => 3]);
        $item->forceFill($mine)->save();

        return ['@supplier' => $supplier->id, '@order' => $order->id, '@line' => $line->id, '@item' => $item->id];
    }
}
