<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\DueItem;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Order;
use App\Models\OrderLine;
use App\Models\Photo;
use App\Models\PressTrace;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\Supplier;
use App\Models\Tool;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
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

    /**
     * Every guarded route, with a body that does no harm, and what each role gets.
     *
     * @return iterable<string, array{string, string, array<string, mixed>, array{int, int, int, int}}> owner, mechanic, apprentice, counter
     */
    public static function guarded(): iterable
    {
        $all = static fn (int $status): array => [$status, $status, $status, $status];
        yield 'GET ping/signed-in' => ['GET', '/api/v1/ping/signed-in', [], $all(200)];
        yield 'GET session' => ['GET', '/api/v1/session', [], $all(200)];
        yield 'PATCH session' => ['PATCH', '/api/v1/session', ['units' => 'in'], $all(200)];
        yield 'DELETE session' => ['DELETE', '/api/v1/session', [], $all(204)];
        yield 'PUT session/password' => [
            'PUT',
            '/api/v1/session/password',
            ['present' => 'bearing', 'password' => 'needle and cage'],
            $all(204),
        ];
        yield 'GET people' => ['GET', '/api/v1/people', [], $all(200)];
        yield 'POST people' => [
            'POST',
            '/api/v1/people',
            ['name' => 'Runa', 'email' => '@mail', 'role' => 'apprentice'],
            [201, 403, 403, 403],
        ];
        yield 'PATCH people/{person}' => ['PATCH', '/api/v1/people/@person', ['name' => 'Runa'], [200, 403, 403, 403]];
        yield 'POST people/{person}/left' => ['POST', '/api/v1/people/@person/left', [], [200, 403, 403, 403]];
        yield 'DELETE people/{person}/left' => ['DELETE', '/api/v1/people/@person/left', [], [200, 403, 403, 403]];
        yield 'POST people/{person}/code' => ['POST', '/api/v1/people/@person/code', [], [201, 403, 403, 403]];
        yield 'DELETE people/{person}/sessions' => ['DELETE', '/api/v1/people/@person/sessions', [], [204, 403, 403, 403]];
        yield 'POST time-code' => ['POST', '/api/v1/time-code', ['present' => 'bearing'], $all(201)];
        yield 'PUT time-code' => ['PUT', '/api/v1/time-code', ['code' => '123456'], $all(422)];
        yield 'DELETE time-code' => ['DELETE', '/api/v1/time-code', ['present' => 'bearing'], $all(204)];
        yield 'DELETE people/{person}/time-code' => ['DELETE', '/api/v1/people/@person/time-code', [], [204, 403, 403, 403]];
        yield 'GET tokens' => ['GET', '/api/v1/tokens', [], $all(200)];
        yield 'POST tokens' => ['POST', '/api/v1/tokens', ['name' => 'Scale', 'rights' => ['read'], 'days' => 30], $all(201)];
        yield 'DELETE tokens/{token}' => ['DELETE', '/api/v1/tokens/@token', [], $all(204)];
        yield 'GET log' => ['GET', '/api/v1/log', [], [200, 403, 403, 403]];
        yield 'GET jobs' => ['GET', '/api/v1/jobs', [], $all(200)];
        yield 'POST jobs' => [
            'POST',
            '/api/v1/jobs',
            ['machine_id' => '@machine', 'wheel' => 'Front wheel', 'pattern' => 'pair-sleeve', 'complaint' => 'Hums'],
            $all(201),
        ];
        yield 'POST jobs/several' => [
            'POST',
            '/api/v1/jobs/several',
            [
                'machine_id' => '@machine',
                'complaint' => 'Hums',
                'wheels' => [
                    ['wheel' => 'Front left', 'pattern' => 'knuckle-wide'],
                    ['wheel' => 'Front right', 'pattern' => 'knuckle-wide'],
                ],
            ],
            $all(201),
        ];
        yield 'GET shop' => ['GET', '/api/v1/shop', [], $all(200)];
        yield 'PATCH shop' => ['PATCH', '/api/v1/shop', ['habits' => ['heat' => 'warm']], [200, 403, 403, 403]];
        yield 'GET suppliers' => ['GET', '/api/v1/suppliers', [], $all(200)];
        yield 'POST suppliers' => ['POST', '/api/v1/suppliers', ['name' => 'Counter', 'carriage' => '3.50'], [201, 201, 403, 201]];
        yield 'POST suppliers/{supplier}/prices' => [
            'POST',
            '/api/v1/suppliers/@supplier/prices',
            ['list' => '@csv', 'keep' => true],
            [200, 200, 403, 200],
        ];
        yield 'GET jobs/{job}/shopping' => ['GET', '/api/v1/jobs/@job/shopping', [], $all(200)];
        yield 'POST jobs/{job}/orders' => ['POST', '/api/v1/jobs/@job/orders', ['way' => 'cheapest'], [409, 409, 403, 409]];
        yield 'GET orders' => ['GET', '/api/v1/orders', [], $all(200)];
        yield 'POST orders/{order}/received' => [
            'POST',
            '/api/v1/orders/@order/received',
            ['lines' => [['id' => '@line', 'received' => 1]]],
            $all(200),
        ];
        yield 'GET shelf' => ['GET', '/api/v1/shelf', [], $all(200)];
        yield 'POST shelf' => ['POST', '/api/v1/shelf', ['article' => '6204 2RS', 'count' => 4], $all(201)];
        yield 'POST shelf/{item}/taken' => ['POST', '/api/v1/shelf/@item/taken', ['pieces' => 1], $all(200)];
        yield 'GET quote' => ['GET', '/files/jobs/@job/quote.pdf', [], $all(200)];
        yield 'GET order as PDF' => ['GET', '/files/orders/@order/order.pdf', [], $all(200)];
        yield 'GET order as CSV' => ['GET', '/files/orders/@order/order.csv', [], $all(200)];
        yield 'GET patterns' => ['GET', '/api/v1/patterns', [], $all(200)];
        yield 'GET hub as SVG' => ['GET', '/files/jobs/@job/hub.svg', [], $all(200)];
        yield 'GET hub as DXF' => ['GET', '/files/jobs/@job/hub.dxf', [], $all(200)];
        yield 'GET jobs/{job}' => ['GET', '/api/v1/jobs/@job', [], $all(200)];
        yield 'POST jobs/{job}/preview' => [
            'POST',
            '/api/v1/jobs/@job/preview',
            ['drafts' => [['place' => 'size.over_faces', 'entry' => ['typed' => '104']]]],
            $all(200),
        ];
        yield 'GET jobs/{job}/records' => ['GET', '/api/v1/jobs/@job/records', [], $all(200)];
        yield 'POST jobs/{job}/records' => [
            'POST',
            '/api/v1/jobs/@job/records',
            ['id' => '@uuid', 'place' => 'size.over_faces', 'entry' => ['typed' => '104']],
            [201, 201, 201, 403],
        ];
        yield 'POST jobs/{job}/photos' => ['POST', '/api/v1/jobs/@job/photos', ['id' => '@uuid', 'photo' => '@photo'], [201, 201, 201, 403]];
        yield 'POST jobs/{job}/signature' => ['POST', '/api/v1/jobs/@job/signature', [], [409, 409, 403, 403]];
        yield 'PATCH jobs/{job}' => ['PATCH', '/api/v1/jobs/@job', ['wheel' => 'Rear wheel'], $all(200)];
        yield 'POST jobs/{job}/closed' => ['POST', '/api/v1/jobs/@job/closed', ['reason' => 'Opened twice'], $all(200)];
        yield 'DELETE jobs/{job}/closed' => ['DELETE', '/api/v1/jobs/@job/closed', [], $all(200)];
        yield 'GET machines' => ['GET', '/api/v1/machines', [], $all(200)];
        yield 'POST machines' => ['POST', '/api/v1/machines', ['name' => 'Barrow'], $all(201)];
        yield 'POST machines/list' => [
            'POST',
            '/api/v1/machines/list',
            ['list' => '@machines', 'keep' => true],
            [200, 200, 403, 200],
        ];
        yield 'PUT machines/{machine}' => ['PUT', '/api/v1/machines/@machine', ['name' => 'Barrow'], $all(200)];
        yield 'GET machines/{machine}' => ['GET', '/api/v1/machines/@machine', [], $all(200)];
        yield 'GET tools' => ['GET', '/api/v1/tools', [], $all(200)];
        yield 'POST tools' => [
            'POST',
            '/api/v1/tools',
            ['name' => 'Cup', 'kind' => 'cup', 'outside_mm' => '46', 'length_mm' => '60'],
            [201, 201, 403, 403],
        ];
        yield 'POST tools/list' => ['POST', '/api/v1/tools/list', ['list' => '@tools', 'keep' => true], [200, 200, 403, 403]];
        yield 'POST tools/starter' => ['POST', '/api/v1/tools/starter', [], [200, 200, 403, 403]];
        yield 'GET tools/next' => ['GET', '/api/v1/tools/next', [], $all(200)];
        yield 'PUT tools/{tool}' => [
            'PUT',
            '/api/v1/tools/@tool',
            ['name' => 'Cup', 'kind' => 'cup', 'outside_mm' => '46', 'length_mm' => '60'],
            [200, 200, 403, 403],
        ];
        yield 'DELETE tools/{tool}' => ['DELETE', '/api/v1/tools/@tool', [], [204, 204, 403, 403]];
        yield 'GET tools as CSV' => ['GET', '/files/tools.csv', [], $all(200)];
        yield 'GET a piece to make as SVG' => ['GET', '/files/turned-piece.svg?outside=44&bore=30&length=60', [], $all(200)];
        yield 'GET jobs/{job}/seats/{seat}/trend' => ['GET', '/api/v1/jobs/@job/seats/left/trend', [], $all(200)];
        yield 'GET jobs/{job}/seats/{seat}/traces' => ['GET', '/api/v1/jobs/@job/seats/left/traces', [], $all(200)];
        yield 'GET jobs/{job}/seats/{seat}/live' => ['GET', '/api/v1/jobs/@job/seats/left/live', [], [409, 409, 409, 403]];
        yield 'POST jobs/{job}/traces' => [
            'POST',
            '/api/v1/jobs/@job/traces',
            ['id' => '@uuid', 'seat' => 'left', 'samples' => [[0, 0], [1, 100], [2, 200]]],
            [201, 201, 201, 403],
        ];
        yield 'GET trace as CSV' => ['GET', '/files/jobs/@job/trace-@trace.csv', [], $all(200)];
        yield 'GET calculators' => ['GET', '/api/v1/calculators', [], $all(200)];
        yield 'POST ask' => ['POST', '/api/v1/ask', ['text' => '6204'], $all(200)];
        yield 'POST calculators/{name}' => ['POST', '/api/v1/calculators/length', ['typed' => '1 in'], $all(200)];
        yield 'GET photo' => ['GET', '/files/photos/@photo_id.jpg', [], $all(200)];
        yield 'GET sheet for the customer' => ['GET', '/files/jobs/@job/sheet.pdf', [], $all(200)];
        yield 'GET job as a file' => ['GET', '/files/jobs/@job/job.json', [], $all(200)];
        yield 'POST jobs/file' => ['POST', '/api/v1/jobs/file', ['file' => '@jobfile'], $all(201)];
        yield 'POST jobs/{job}/addenda' => [
            'POST',
            '/api/v1/jobs/@job/addenda',
            ['id' => '@uuid', 'text' => 'Another word'],
            [409, 409, 409, 403],
        ];
        yield 'GET ahead' => ['GET', '/api/v1/ahead', [], $all(200)];
        yield 'DELETE ahead/{item}/settled' => ['DELETE', '/api/v1/ahead/@due/settled', [], [200, 200, 200, 403]];
        yield 'POST ahead/{item}/settled' => ['POST', '/api/v1/ahead/@due/settled', [], [200, 200, 200, 403]];
        yield 'GET bench-day' => ['GET', '/api/v1/bench-day', [], $all(200)];
        yield 'PUT bench-day' => ['PUT', '/api/v1/bench-day', ['jobs' => []], $all(200)];
        yield 'GET shop/calendar' => ['GET', '/api/v1/shop/calendar', [], [200, 403, 403, 403]];
        yield 'POST shop/calendar' => ['POST', '/api/v1/shop/calendar', [], [201, 403, 403, 403]];
        yield 'DELETE shop/calendar' => ['DELETE', '/api/v1/shop/calendar', [], [200, 403, 403, 403]];
        yield 'GET card' => ['GET', '/files/jobs/@job/card.pdf', [], $all(200)];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('guarded')]
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
    #[DataProvider('guarded')]
    public function test_each_role_may_do_what_is_its_to_do(string $verb, string $path, array $body, array $expected): void
    {
        foreach ([Role::Owner, Role::Mechanic, Role::Apprentice, Role::Counter] as $i => $role) {
            $user = $this->person($role);
            [$there, $filled] = $this->filled($path, $body, $user);
            $this->actingAs($user)->json($verb, $there, $filled)->assertStatus($expected[$i]);
        }
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('guarded')]
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
            iterator_to_array(self::guarded()),
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
        $values = [
            '@machine' => $job->machine_id,
            '@job' => $job->id,
            '@mail' => Str::lower(Str::random(12)).'@shop.example',
            '@uuid' => (string) Str::uuid(),
            '@photo_id' => $photo->id,
            '@photo' => UploadedFile::fake()->image('part.jpg', 40, 30),
            '@tools' => UploadedFile::fake()->createWithContent('tools.csv', "name,kind,outside_mm,length_mm\n40 cup,cup,44,60\n"),
            '@machines' => UploadedFile::fake()->createWithContent('machines.csv', "name,owner\nBarrow,Harbour Hire\n"),
            '@jobfile' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode(JobFilesTest::file())),
            '@csv' => UploadedFile::fake()->createWithContent('prices.csv', "article,price\n6204-2RS,4.20\n"),
        ];
        if (preg_match('/@(supplier|order|item|line)/', $path.json_encode($body)) === 1) {
            $values += $this->bought($job, $user);
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
