<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

final class SessionTest extends TestCase
{
    use RefreshDatabase;

    public function test_signs_in_says_who_and_signs_out(): void
    {
        $user = $this->person(Role::Apprentice);
        $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => 'bearing'])
            ->assertOk()
            ->assertJson(['name' => $user->name, 'role' => 'apprentice', 'may_sign' => false, 'units' => 'mm', 'theme' => 'light']);
        $this->getJson('/api/v1/session')->assertOk()->assertJsonPath('email', $user->email);
        $this->deleteJson('/api/v1/session')->assertNoContent();
        $this->app->make('auth')->forgetGuards();
        $this->getJson('/api/v1/session')->assertUnauthorized();
    }

    /** What is changed or taken of a person counts at their next request, wherever they are signed in. */
    public function test_a_session_ends_with_its_person_and_with_their_password(): void
    {
        $stays = function (string $change): int {
            $user = $this->person();
            $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => 'bearing'])->assertOk();
            $this->nobody()->getJson('/api/v1/jobs')->assertOk();
            DB::statement($change, [$user->id]);

            return $this->nobody()->getJson('/api/v1/jobs')->status();
        };
        self::assertSame(200, $stays('update users set name = name || \'.\' where id = ?'));
        $this->flushSession();
        self::assertSame(401, $stays('update users set password = \'another\' where id = ?'));
        $this->flushSession();
        self::assertSame(401, $stays('update users set left_at = now() where id = ?'));
    }

    public function test_what_is_changed_of_a_person_counts_at_once(): void
    {
        $user = $this->person();
        $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => 'bearing'])->assertOk();
        DB::table('users')
            ->where('id', $user->id)
            ->update(['role' => 'apprentice', 'units' => 'in']);
        $this->nobody()
            ->getJson('/api/v1/session')
            ->assertOk()
            ->assertJson(['role' => 'apprentice', 'units' => 'in', 'may_sign' => false]);
    }

    public function test_a_wrong_password_is_said_beside_the_field_and_tells_nothing_more(): void
    {
        $user = $this->person();
        $known = $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => 'wrong'])
            ->assertStatus(422)
            ->json('errors');
        $unknown = $this->postJson('/api/v1/session', ['email' => 'nobody@shop.example', 'password' => 'wrong'])
            ->assertStatus(422)
            ->json('errors');
        self::assertSame($known, $unknown);
        self::assertSame('email', $known[0]['field']);
    }

    public function test_tries_are_limited_and_a_good_one_clears_the_count(): void
    {
        $user = $this->person();
        $try = fn (string $password) => $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => $password]);
        for ($i = 0; $i < 4; $i++) {
            $try('wrong')->assertStatus(422);
        }
        $try('bearing')->assertOk();
        for ($i = 0; $i < 5; $i++) {
            $try('wrong')->assertStatus(422);
        }
        $try('bearing')->assertStatus(429)->assertJsonPath('title', 'Too many tries');
        $this->travel(61)->seconds();
        $try('bearing')->assertOk();
    }

    public function test_a_hundred_failures_an_hour_end_guessing_from_everywhere_but_where_they_signed_in_before(): void
    {
        $user = $this->person();
        $known = $this->knownBrowser($user);
        for ($i = 0; $i < 100; $i++) {
            $this->at('10.0.'.intdiv($i, 4).'.1')->tried($user->email, 'wrong')->assertStatus(422);
        }
        $refused = $this->at('10.9.9.9')->tried($user->email, 'bearing')->assertStatus(429);
        self::assertGreaterThan(3_000, (int) $refused->headers->get('Retry-After'));
        self::assertStringContainsString('minutes', $refused->json('detail'));
        $this->at('10.9.9.9')->withCookie('clean_race_known', $known)->tried($user->email, 'bearing')->assertOk();
    }

    public function test_whoever_guesses_behind_the_same_address_locks_nobody_out_who_signed_in_there_before(): void
    {
        $user = $this->person();
        $known = $this->knownBrowser($user);
        for ($i = 0; $i < 30; $i++) {
            $this->tried("nobody$i@shop.example", 'wrong')->assertStatus(422);
        }
        $this->tried($user->email, 'bearing')->assertStatus(429);
        $this->withCookie('clean_race_known', $known)->tried($user->email, 'bearing')->assertOk();
        // It is known for them and for nobody else.
        $other = $this->person();
        $this->tried($other->email, 'bearing')->assertStatus(429);
    }

    public function test_no_other_origin_is_let_in_and_transport_is_promised_only_where_it_lasts(): void
    {
        $answer = $this->withHeaders(['Origin' => 'https://elsewhere.example'])->getJson('/api/v1/ping')->assertOk();
        $answer->assertHeaderMissing('Access-Control-Allow-Origin');
        $this->get('https://workshop.test/board')->assertHeaderMissing('Strict-Transport-Security');
        config(['app.hsts' => true]);
        $this->get('http://workshop.test/board')->assertHeaderMissing('Strict-Transport-Security');
        $this->get('https://workshop.test/board')->assertHeader('Strict-Transport-Security', 'max-age=31536000');
        self::assertStringContainsString('camera=(self)', (string) $this->get('/board')->headers->get('Permissions-Policy'));
    }

    /** The cookie of a browser in which somebody signed in before. */
    private function knownBrowser(User $user): string
    {
        $cookie = (string) $this->tried($user->email, 'bearing')->assertOk()->getCookie('clean_race_known')?->getValue();
        $this->nobody()->flushSession();

        return $cookie;
    }

    private function at(string $address): static
    {
        return $this->withServerVariables(['REMOTE_ADDR' => $address]);
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function tried(string $email, string $password): TestResponse
    {
        $this->nobody()->flushSession();
        /** @var TestResponse<\Illuminate\Http\JsonResponse> $answer */
        $answer = $this->withCredentials()->postJson('/api/v1/session', compact('email', 'password'));
        $this->defaultCookies = [];

        return $answer;
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [[], 'email'];
        yield 'no address' => [['email' => 'ines', 'password' => 'x'], 'email'];
        yield 'no password' => [['email' => 'a@b.example'], 'password'];
        yield 'lists' => [['email' => ['a'], 'password' => ['b']], 'email'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('wrong')]
    public function test_what_is_missing_is_named(array $body, string $field): void
    {
        $this->postJson('/api/v1/session', $body)->assertStatus(422)->assertJsonPath('errors.0.field', $field);
    }

    public function test_units_and_theme_are_kept(): void
    {
        $user = $this->person();
        $this->actingAs($user)
            ->patchJson('/api/v1/session', ['units' => 'in', 'theme' => 'dark'])
            ->assertOk()
            ->assertJson(['units' => 'in', 'theme' => 'dark']);
        self::assertSame(['in', 'dark'], [$user->refresh()->units, $user->theme]);
        $this->patchJson('/api/v1/session', ['units' => 'furlong'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'units');
        $this->patchJson('/api/v1/session', ['role' => 'owner'])->assertOk();
        self::assertSame(Role::Mechanic, $user->refresh()->role, 'nobody gives themselves a role');
    }

    public function test_headers_say_what_a_browser_may_do(): void
    {
        $page = $this->get('/board')->assertOk();
        $policy = (string) $page->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertMatchesRegularExpression("/script-src 'self' 'nonce-\\w{20,}'/", $policy);
        self::assertSame(
            ['DENY', 'nosniff', 'same-origin'],
            [
                $page->headers->get('X-Frame-Options'),
                $page->headers->get('X-Content-Type-Options'),
                $page->headers->get('Referrer-Policy'),
            ],
        );
        self::assertStringContainsString(
            "default-src 'none'",
            (string) $this->getJson('/api/v1/ping')->headers->get('Content-Security-Policy'),
        );
    }

    public function test_an_unknown_address_of_the_api_is_a_problem_and_not_a_page(): void
    {
        $this->getJson('/api/v1/nothing')
            ->assertNotFound()
            ->assertHeader('Content-Type', 'application/problem+json')
            ->assertJsonPath('status', 404);
        $this->json('PUT', '/api/v1/session')->assertStatus(405);
    }
}
