<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Record;
use App\Models\Role;
use App\Models\User;
use App\SignIn\TabletHere;
use Illuminate\Http\Request;
use Illuminate\Testing\TestResponse;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** One bench, several hands: who may take over at it, what that is good for, and what it is not. */
final class HandsTest extends TestCase
{
    use RefreshDatabase;

    public function test_another_takes_over_by_a_code_and_every_record_carries_who_it_was(): void
    {
        [$ines, $pim] = $this->bench();
        $job = $this->nobody()->jobOf($ines);
        $this->signIn($ines);
        $this->getJson('/api/v1/session')->assertJson(['name' => $ines->name, 'tablet' => 'Left bench', 'by_bench_code' => false]);
        self::assertSame([$ines->id, $pim->id], $this->ids($this->getJson('/api/v1/session/hands')->assertOk()));
        $this->keep($job, 'check.axle_left', ['typed' => '11.5'])->assertCreated();
        $this->takeOver($pim, '13579')->assertOk()->assertJson(['name' => $pim->name, 'by_bench_code' => true, 'tablet' => 'Left bench']);
        $this->keep($job, 'check.axle_right', ['typed' => '11.6'])->assertCreated();
        $this->takeOver($ines, '2468')->assertOk();
        $this->keep($job, 'size.over_faces', ['typed' => '104'])->assertCreated();
        $by = Record::query()->withoutGlobalScopes()->where('job_id', $job->id)->orderBy('seq')->pluck('author_id', 'place')->all();
        self::assertSame(
            ['check.axle_left' => $ines->id, 'check.axle_right' => $pim->id, 'size.over_faces' => $ines->id],
            array_intersect_key($by, ['check.axle_left' => 0, 'check.axle_right' => 0, 'size.over_faces' => 0]),
        );
    }

    public function test_nobody_takes_over_elsewhere_or_from_nobody_or_into_another_shop(): void
    {
        [$ines, $pim, $cookie] = $this->bench();
        $this->takeOver($pim, '13579')->assertUnauthorized();
        $this->signIn($ines);
        $stranger = $this->nobody()->person();
        $stranger->forceFill(['bench_code' => bcrypt('13579')])->save();
        $this->takeOver($stranger, '13579')->assertNotFound();
        // Another browser is no bench, whatever is signed in there; nor is one whose cookie somebody wrote.
        $this->defaultCookies = [];
        $this->takeOver($pim, '13579')->assertStatus(409)->assertJsonPath('type', '/problems/no-bench');
        $this->withCookie('clean_race_tablet', preg_replace('/\|.*/', '|guessed', $cookie) ?? '');
        $this->takeOver($pim, '13579')->assertStatus(409);
        $this->withCookie('clean_race_tablet', $cookie);
        $this->takeOver($pim, '13579')->assertOk();
    }

    public function test_after_five_misses_at_a_bench_the_password_is_asked_for_there(): void
    {
        [$ines, $pim] = $this->bench();
        $this->signIn($ines);
        foreach (range(1, 5) as $n) {
            $this->takeOver($pim, "0000$n")->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        }
        $this->takeOver($pim, '13579')->assertStatus(409)->assertJsonPath('type', '/problems/password-wanted');
        $this->takeOver($ines, '2468')->assertOk();
        $this->signIn($pim);
        $this->takeOver($ines, '2468')->assertOk();
        $this->takeOver($pim, '13579')->assertOk();
    }

    public function test_a_code_is_enough_for_the_bench_and_for_nothing_of_the_shop(): void
    {
        [$ines, , , $owner] = $this->bench();
        $owner->forceFill(['bench_code' => bcrypt('1111')])->save();
        $this->signIn($ines);
        $this->takeOver($owner, '1111')->assertOk()->assertJson(['role' => 'owner']);
        $this->getJson('/api/v1/jobs')->assertOk();
        $this->getJson('/api/v1/people')->assertOk();
        foreach (
            [
                ['POST', '/api/v1/people', ['name' => 'Bo', 'email' => 'bo@shop.example', 'role' => 'owner']],
                ['POST', "/api/v1/people/{$ines->id}/code", []],
                ['PATCH', '/api/v1/shop', ['hour' => '1']],
                ['PUT', '/api/v1/session/password', ['present' => 'bearing', 'password' => 'needle and cage']],
                ['PUT', '/api/v1/session/bench-code', ['present' => 'bearing', 'code' => '9999']],
                ['POST', '/api/v1/tokens', ['name' => 'a', 'rights' => ['read'], 'days' => 1]],
                ['POST', '/api/v1/tablets', ['name' => 'a']],
                ['GET', '/api/v1/log', []],
            ] as [$verb, $path, $body]
        ) {
            $this->json($verb, $path, $body)->assertStatus(409)->assertJsonPath('type', '/problems/password-wanted');
        }
    }

    public function test_a_signature_at_a_bench_asks_for_the_code_again(): void
    {
        [$ines] = $this->bench();
        $job = $this->nobody()->jobOf($ines);
        $this->signIn($ines);
        $sign = fn (array $body): TestResponse => $this->postJson("/api/v1/jobs/{$job->id}/signature", $body);
        $sign([])->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        $sign(['code' => '1357'])->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        // What stands in its way is another matter.
        $sign(['code' => '2468'])->assertStatus(409)->assertJsonPath('type', '/problems/blocked');
    }

    /** What somebody entered waits on the tablet: it is sent in their name, whoever stands there by then. */
    public function test_a_tablet_sends_the_readings_of_each_until_their_right_is_ended(): void
    {
        [$ines, $pim, , $owner] = $this->bench();
        $job = $this->nobody()->jobOf($ines);
        $in = $this->postJson('/api/v1/session', ['email' => $ines->email, 'password' => 'bearing'])->assertOk();
        $hers = (string) $in->json('sending');
        self::assertNull($this->getJson('/api/v1/session')->json('sending'), 'it is told once');
        $this->takeOver($pim, '13579')->assertOk();

        $send = function (string $place, string $right) use ($job, $ines): TestResponse {
            $this->nobody()->flushSession();

            return $this->withHeaders(['Authorization' => "Bearer $right"])
                ->keep($job, $place, ['typed' => '11.5'], ['author' => $ines->id]);
        };
        $send('check.axle_left', $hers)->assertCreated();
        $sent = Record::query()->withoutGlobalScopes()->where('place', 'check.axle_left')->sole();
        self::assertSame($ines->id, $sent->author_id);
        $this->postJson("/api/v1/jobs/{$job->id}/signature", ['code' => '2468'])->assertForbidden();
        $this->getJson("/api/v1/jobs/{$job->id}")->assertForbidden();

        $this->actingAs($owner)
            ->withoutHeader('Authorization')
            ->deleteJson("/api/v1/people/{$ines->id}/sessions")
            ->assertNoContent();
        $send('check.axle_right', $hers)->assertUnauthorized();
    }

    public function test_the_owner_says_yes_to_what_waits_of_somebody_who_left(): void
    {
        [$ines, $pim, , $owner] = $this->bench();
        $job = $this->nobody()->jobOf($ines);
        $this->actingAs($owner)->postJson("/api/v1/people/{$pim->id}/left")->assertOk();
        $entry = fn (User $by, array $more): TestResponse => $this->keep(
            $job,
            'check.axle_left',
            ['typed' => '11.5'],
            ['author' => $by->id] + $more,
        );
        $entry($pim, [])->assertStatus(409)->assertJsonPath('type', '/problems/other-person');
        $this->actingAs($ines);
        $entry($pim, ['vouched' => true])->assertStatus(409);
        $this->actingAs($owner);
        $entry($this->person(), ['vouched' => true])->assertStatus(409);
        $this->actingAs($owner);
        $entry($pim, ['vouched' => true])->assertCreated();
        self::assertSame($pim->id, Record::query()->where('place', 'check.axle_left')->sole()->author_id);
        self::assertSame(['vouched', $pim->name], [
            $this->getJson('/api/v1/log')->json('data.0.what'),
            $this->getJson('/api/v1/log')->json('data.0.about'),
        ]);
        // An owner who took over by a short code has not shown enough.
        $this->withSession(['by_bench_code' => true]);
        $entry($pim, ['vouched' => true])->assertStatus(409);
    }

    public function test_a_bench_ends_and_whoever_left_takes_over_no_more(): void
    {
        [$ines, $pim, $cookie, $owner] = $this->bench();
        $this->nobody()->actingAs($owner)->postJson("/api/v1/people/{$pim->id}/left")->assertOk();
        $this->signIn($ines);
        $this->takeOver($pim, '13579')->assertNotFound();
        self::assertSame([$ines->id], $this->ids($this->getJson('/api/v1/session/hands')));
        $this->nobody()->actingAs($owner);
        $this->deleteJson('/api/v1/tablets/'.explode('|', $cookie)[0])->assertNoContent();
        $this->signIn($ines);
        $this->takeOver($ines, '2468')->assertStatus(409);
        $this->getJson('/api/v1/session')->assertJson(['tablet' => null]);
    }

    public function test_a_code_has_four_to_six_digits_and_is_set_by_who_knows_the_password(): void
    {
        $ines = $this->person();
        $this->actingAs($ines);
        $set = fn (string $present, ?string $code): TestResponse => $this->putJson(
            '/api/v1/session/bench-code',
            compact('present', 'code'),
        );
        foreach (['123', '1234567', '12a4', '１２３４'] as $bad) {
            $set('bearing', $bad)->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        }
        $set('wrong', '1234')->assertStatus(422)->assertJsonPath('errors.0.field', 'present');
        $set('bearing', '1234')->assertNoContent();
        self::assertStringNotContainsString('1234', (string) $ines->refresh()->bench_code);
        $set('bearing', null)->assertNoContent();
        self::assertNull($ines->refresh()->bench_code);
    }

    /** @return array{User, User, string, User} Ines with 2468, Pim with 13579, the cookie of the bench, the owner */
    private function bench(): array
    {
        $owner = $this->person(Role::Owner);
        $ines = $this->person(Role::Mechanic, $owner);
        $pim = $this->person(Role::Apprentice, $owner);
        $ines->forceFill(['name' => 'Ines', 'bench_code' => bcrypt('2468')])->save();
        $pim->forceFill(['name' => 'Pim', 'bench_code' => bcrypt('13579')])->save();
        $enrolled = $this->actingAs($owner)->postJson('/api/v1/tablets', ['name' => 'Left bench'])->assertCreated();
        $cookie = (string) $enrolled->getCookie('clean_race_tablet')?->getValue();
        self::assertMatchesRegularExpression('/^\d+\|\w{40}$/', $cookie);
        $this->nobody()->flushSession();
        $this->withCookie('clean_race_tablet', $cookie)->withCredentials();
        self::assertNull($this->app->make(TabletHere::class)->find(Request::create('/')));

        return [$ines, $pim, $cookie, $owner];
    }

    private function signIn(User $user): void
    {
        $this->nobody()->flushSession();
        $this->postJson('/api/v1/session', ['email' => $user->email, 'password' => 'bearing'])->assertOk();
        $this->nobody();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function takeOver(User $person, string $code): TestResponse
    {
        $this->nobody();
        /** @var TestResponse<\Illuminate\Http\JsonResponse> $answer */
        $answer = $this->postJson('/api/v1/session/hands', ['person' => $person->id, 'code' => $code]);
        $this->nobody();

        return $answer;
    }

    /**
     * @param  TestResponse<\Illuminate\Http\JsonResponse>  $answer
     * @return list<int>
     */
    private function ids(TestResponse $answer): array
    {
        return array_column($answer->json('data'), 'id');
    }
}
