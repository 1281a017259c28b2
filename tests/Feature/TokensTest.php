<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use App\SignIn\ForgedRequests;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Laravel\Sanctum\PersonalAccessToken;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionMethod;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Access for devices and scripts: what a token may do, how long, and that it ends. */
final class TokensTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_device_adds_a_reading_in_the_name_of_its_person_without_cookie_or_token_of_the_page(): void
    {
        $ines = $this->person();
        $job = $this->jobOf($ines);
        $token = $this->made($ines, ['readings']);
        $sent = $this->with($token)->post("/api/v1/jobs/{$job->id}/records", [
            'id' => (string) Str::uuid(),
            'place' => 'size.over_faces',
            'entry' => ['typed' => '104'],
        ]);
        $sent->assertCreated();
        self::assertSame($ines->id, Record::query()->withoutGlobalScopes()->where('place', 'size.over_faces')->sole()->author_id);
        self::assertNotNull(PersonalAccessToken::query()->sole()->last_used_at);
    }

    /** @return iterable<string, array{list<string>, string, string, int}> rights, verb, path, answer */
    public static function asked(): iterable
    {
        yield 'reads jobs' => [['read'], 'GET', '/api/v1/jobs', 200];
        yield 'reads a job' => [['read'], 'GET', '/api/v1/jobs/@job', 200];
        yield 'works a calculator' => [['read'], 'POST', '/api/v1/calculators/length', 200];
        yield 'readings do not read' => [['readings'], 'GET', '/api/v1/jobs', 403];
        yield 'readings work no calculator' => [['readings'], 'POST', '/api/v1/calculators/length', 403];
        yield 'reading adds nothing' => [['read'], 'POST', '/api/v1/jobs/@job/records', 403];
        yield 'reading notes no machine' => [['read', 'readings'], 'POST', '/api/v1/machines', 403];
        yield 'work notes a machine' => [['work'], 'POST', '/api/v1/machines', 201];
        yield 'work adds no readings' => [['work'], 'POST', '/api/v1/jobs/@job/records', 403];
        yield 'nothing signs' => [['read', 'readings', 'work'], 'POST', '/api/v1/jobs/@job/signature', 403];
        yield 'nothing adds people' => [['read', 'readings', 'work'], 'POST', '/api/v1/people', 403];
        yield 'nothing makes tokens' => [['read', 'readings', 'work'], 'POST', '/api/v1/tokens', 403];
        yield 'nothing changes the password' => [['read', 'readings', 'work'], 'PUT', '/api/v1/session/password', 403];
        yield 'nothing changes the shop' => [['read', 'readings', 'work'], 'PATCH', '/api/v1/shop', 403];
        yield 'nothing reads the log' => [['read', 'readings', 'work'], 'GET', '/api/v1/log', 403];
    }

    /** @param  list<string>  $rights */
    #[DataProvider('asked')]
    public function test_a_token_does_what_it_was_made_for_and_no_more(array $rights, string $verb, string $path, int $status): void
    {
        $owner = $this->person(Role::Owner);
        $path = str_replace('@job', (string) $this->jobOf($owner)->id, $path);
        $this->with($this->made($owner, $rights))
            ->json($verb, $path, str_contains($path, 'calculators') ? ['typed' => '1 in'] : ['name' => 'Barrow'])
            ->assertStatus($status);
    }

    public function test_a_token_is_never_more_than_its_person(): void
    {
        $this->with($this->made($this->person(Role::Apprentice), ['work']))
            ->json('POST', '/api/v1/suppliers', ['name' => 'Counter'])
            ->assertForbidden();
    }

    public function test_it_ends_on_its_day_when_it_is_ended_and_when_its_person_leaves(): void
    {
        $owner = $this->person(Role::Owner);
        $pim = $this->person(Role::Mechanic, $owner);
        $jobs = fn (string $token): TestResponse => $this->with($token)->json('GET', '/api/v1/jobs');
        $first = $this->made($pim, ['read'], 2);
        $jobs($first)->assertOk();
        $this->travel(47)->hours();
        $jobs($first)->assertOk();
        $this->travel(2)->hours();
        $jobs($first)->assertUnauthorized();

        $second = $this->made($pim, ['read']);
        $id = PersonalAccessToken::query()->latest('id')->firstOrFail()->id;
        $this->nobody()->actingAs($this->person(Role::Mechanic, $owner))->deleteJson("/api/v1/tokens/$id")->assertNotFound();
        $this->actingAs($owner)->deleteJson("/api/v1/tokens/$id")->assertNoContent();
        $jobs($second)->assertUnauthorized();

        $third = $this->made($pim, ['read']);
        $this->nobody()->actingAs($owner)->postJson("/api/v1/people/{$pim->id}/left")->assertOk();
        $jobs($third)->assertUnauthorized();
        $this->nobody()->actingAs($owner)->deleteJson("/api/v1/people/{$pim->id}/left")->assertOk();
        $jobs($third)->assertUnauthorized();
    }

    public function test_each_sees_their_own_and_the_owner_all_and_nobody_the_token_itself(): void
    {
        $owner = $this->person(Role::Owner);
        $pim = $this->person(Role::Mechanic, $owner);
        $plain = $this->made($pim, ['read', 'readings']);
        $this->made($owner, ['work']);
        $this->made($this->person(), ['read']);
        $his = $this->nobody()->actingAs($pim)->getJson('/api/v1/tokens')->assertOk();
        self::assertSame([[$pim->name, ['read', 'readings']]], array_map(
            static fn (array $one): array => [$one['by'], $one['rights']],
            $his->json('data'),
        ));
        self::assertStringNotContainsString(explode('|', $plain)[1], (string) $his->getContent());
        self::assertCount(2, $this->nobody()->actingAs($owner)->getJson('/api/v1/tokens')->json('data'));
        self::assertSame('token_made', $this->getJson('/api/v1/log')->json('data.0.what'));
    }

    /** A made-up token beside a cookie is no way round the guard against forged requests. */
    public function test_a_bearer_beside_a_cookie_is_still_asked_for_the_token_of_the_page(): void
    {
        $except = new ReflectionMethod(ForgedRequests::class, 'inExceptArray');
        $of = fn (array $cookies, ?string $bearer): bool => (bool) $except->invoke(
            $this->app->make(ForgedRequests::class),
            Request::create(
                '/api/v1/machines',
                'POST',
                cookies: $cookies,
                server: $bearer === null ? [] : ['HTTP_AUTHORIZATION' => "Bearer $bearer"],
            ),
        );
        $session = [config('session.cookie') => 'x'];
        self::assertFalse($of($session, 'made-up'));
        self::assertFalse($of($session, null));
        self::assertFalse($of([], null));
        self::assertTrue($of([], '1|a'));
    }

    /** @param  list<string>  $rights */
    private function made(User $by, array $rights, int $days = 30): string
    {
        return $this->nobody()
            ->actingAs($by)
            ->postJson('/api/v1/tokens', ['name' => 'Bench scale', 'rights' => $rights, 'days' => $days])
            ->assertCreated()
            ->json('token');
    }

    /** A device: no session, no cookie, its token alone. */
    private function with(string $token): static
    {
        $this->nobody()->flushSession();

        return $this->withHeaders(['Authorization' => "Bearer $token", 'Accept' => 'application/json']);
    }
}
