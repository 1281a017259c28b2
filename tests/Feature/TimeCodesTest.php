<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;
use App\SignIn\TimeCode;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A second proof at sign-in: the codes themselves, and what they guard. */
final class TimeCodesTest extends TestCase
{
    use RefreshDatabase;

    /** RFC 6238, appendix B: moments and codes of the secret 12345678901234567890, of which ours are the last six digits. */
    #[TestWith([59, '94287082'])]
    #[TestWith([1_111_111_109, '07081804'])]
    #[TestWith([1_111_111_111, '14050471'])]
    #[TestWith([1_234_567_890, '89005924'])]
    #[TestWith([2_000_000_000, '69279037'])]
    #[TestWith([20_000_000_000, '65353130'])]
    public function test_the_codes_are_those_of_the_standard(int $seconds, string $code): void
    {
        $secret = TimeCode::inBase32('12345678901234567890');
        self::assertSame('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', $secret);
        self::assertSame(substr($code, 2), TimeCode::at($secret, TimeCode::step($seconds)));
    }

    /** RFC 4648, section 10, without its padding. */
    #[TestWith(['f', 'MY'])]
    #[TestWith(['fo', 'MZXQ'])]
    #[TestWith(['foo', 'MZXW6'])]
    #[TestWith(['foob', 'MZXW6YQ'])]
    #[TestWith(['fooba', 'MZXW6YTB'])]
    #[TestWith(['foobar', 'MZXW6YTBOI'])]
    public function test_secrets_are_written_as_the_standard_says(string $bytes, string $text): void
    {
        self::assertSame($text, TimeCode::inBase32($bytes));
        self::assertSame($bytes, TimeCode::fromBase32($text));
    }

    public function test_a_code_of_now_or_beside_it_is_taken_once_and_none_before_it(): void
    {
        $secret = TimeCode::secret();
        $now = 1_800_000_000;
        $step = TimeCode::step($now);
        $taken = static fn (int $of, int $last = 0): ?int => TimeCode::taken($secret, TimeCode::at($secret, $step + $of), $now, $last);
        self::assertSame([null, $step - 1, $step, $step + 1, null], [$taken(-2), $taken(-1), $taken(0), $taken(1), $taken(2)]);
        self::assertNull($taken(0, $step), 'the same again');
        self::assertNull($taken(-1, $step), 'one before it');
        self::assertSame($step + 1, $taken(1, $step));
        $code = TimeCode::at($secret, $step);
        self::assertSame($step, TimeCode::taken($secret, substr($code, 0, 3).' '.substr($code, 3), $now, 0), 'as devices show it');
    }

    public function test_whoever_uses_it_is_asked_for_it_at_sign_in(): void
    {
        $this->travelTo(Carbon::parse('2026-05-01T09:00:10Z'));
        [$ines, $secret] = $this->withTimeCode();
        $now = fn (): string => TimeCode::at($secret, TimeCode::step(Carbon::now()->getTimestamp()));
        $this->signIn($ines, null)->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        $this->signIn($ines, '000000')->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        $this->nobody()->getJson('/api/v1/session')->assertUnauthorized();
        // The code that switched it on is used up.
        $this->signIn($ines, $now())->assertStatus(422);
        $this->travel(30)->seconds();
        $this->signIn($ines, $now())->assertOk()->assertJson(['time_code' => true, 'recovery_left' => 10]);
        // A wrong password is not told whether a code would be asked for.
        $wrong = $this->postJson('/api/v1/session', ['email' => $ines->email, 'password' => 'wrong', 'code' => $now()]);
        self::assertSame('email', $wrong->json('errors.0.field'));
    }

    public function test_each_of_ten_recovery_codes_is_taken_once(): void
    {
        [$ines, , $codes] = $this->withTimeCode();
        self::assertCount(10, array_unique($codes));
        $this->signIn($ines, strtolower($codes[3]))->assertOk()->assertJson(['recovery_left' => 9]);
        $this->signIn($ines, $codes[3])->assertStatus(422);
        $this->signIn($ines, $codes[4])->assertOk();
        self::assertStringNotContainsString($codes[5], json_encode($ines->refresh()->getAttributes(), JSON_THROW_ON_ERROR));
    }

    public function test_guessing_codes_ends_as_guessing_passwords_does(): void
    {
        [$ines] = $this->withTimeCode();
        foreach (range(1, 5) as $n) {
            $this->signIn($ines, "00000$n")->assertStatus(422);
        }
        $this->signIn($ines, '000000')->assertStatus(429);
    }

    public function test_a_code_for_another_password_is_no_way_round_it(): void
    {
        [$ines, , $codes] = $this->withTimeCode();
        $owner = $this->person(Role::Owner, $ines);
        $code = $this->actingAs($owner)->postJson("/api/v1/people/{$ines->id}/code")->json('code');
        $this->nobody()->flushSession();
        $join = fn (?string $time) => $this->postJson('/api/v1/joining', [
            'email' => $ines->email,
            'code' => $code,
            'password' => 'needle and cage',
            'time_code' => $time,
        ]);
        $join(null)->assertStatus(422)->assertJsonPath('errors.0.field', 'time_code');
        $join('123456')->assertStatus(422)->assertJsonPath('errors.0.field', 'time_code');
        $join($codes[0])->assertOk();
    }

    public function test_it_is_switched_off_by_who_knows_the_password_or_by_the_owner_for_who_lost_it(): void
    {
        [$ines] = $this->withTimeCode();
        $this->actingAs($ines)->deleteJson('/api/v1/time-code', ['present' => 'wrong'])->assertStatus(422);
        $owner = $this->person(Role::Owner, $ines);
        $this->nobody()->actingAs($owner)->deleteJson("/api/v1/people/{$ines->id}/time-code")->assertNoContent();
        $this->nobody()->flushSession();
        $this->signIn($ines, null)->assertOk()->assertJson(['time_code' => false]);
        self::assertNull($ines->refresh()->time_code_secret);
    }

    /** @return array{User, string, list<string>} somebody who uses time codes, their secret, their recovery codes */
    private function withTimeCode(): array
    {
        $user = $this->person();
        $this->actingAs($user)->postJson('/api/v1/time-code', ['present' => 'wrong'])->assertStatus(422);
        $begun = $this->postJson('/api/v1/time-code', ['present' => 'bearing'])->assertCreated()->json();
        self::assertStringContainsString('secret='.$begun['secret'].'&issuer=', $begun['address']);
        $this->nobody()->flushSession();
        // Before it is confirmed nobody is asked for it.
        $this->signIn($user, null)->assertOk();
        $this->nobody()->actingAs($user->refresh());
        $code = TimeCode::at($begun['secret'], TimeCode::step(Carbon::now()->getTimestamp()));
        $this->putJson('/api/v1/time-code', ['code' => $code === '123456' ? '654321' : '123456'])->assertStatus(422);
        $codes = $this->putJson('/api/v1/time-code', ['code' => $code])->assertOk()->json('codes');
        $this->nobody()->flushSession();

        return [$user->refresh(), $begun['secret'], $codes];
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function signIn(User $user, ?string $code): TestResponse
    {
        $this->nobody()->flushSession();

        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => 'bearing', 'code' => $code]);
    }
}
