<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mail\CodeByMail;
use App\Models\LogLine;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** Who works in a shop: added, joined by a code, other roles, gone and back again. */
final class PeopleTest extends TestCase
{
    use RefreshDatabase;

    public function test_somebody_is_added_joins_by_a_code_once_and_works(): void
    {
        $owner = $this->person(Role::Owner);
        $runa = $this->added($owner, 'Runa', 'Runa@Shop.example', 'apprentice');
        self::assertSame(['Runa', 'runa@shop.example', 'apprentice', true], [$runa['name'], $runa['email'], $runa['role'], $runa['waits']]);

        $made = $this->postJson("/api/v1/people/{$runa['id']}/code")->assertCreated();
        self::assertMatchesRegularExpression('/^[0-9A-HJKMNP-TV-Z]{5}-[0-9A-HJKMNP-TV-Z]{5}$/', $made->json('code'));
        self::assertSame('/join?email=runa%40shop.example&code='.$made->json('code'), $made->json('address'));

        // As she types it on another screen.
        $typed = strtolower(str_replace(['-', '0', '1'], [' ', 'o', 'l'], $made->json('code')));
        $this->elsewhere();
        $this->join('runa@shop.example', $typed, 'grease and balls')
            ->assertOk()
            ->assertJson(['name' => 'Runa', 'role' => 'apprentice', 'may_sign' => false, 'may_work' => true]);
        $this->nobody()->getJson('/api/v1/jobs')->assertOk();

        $this->elsewhere();
        $this->join('runa@shop.example', $typed, 'another one')->assertStatus(422)->assertJsonPath('errors.0.field', 'code');
        $this->postJson('/api/v1/session', ['email' => 'RUNA@shop.example', 'password' => 'grease and balls'])->assertOk();
    }

    public function test_a_code_is_of_one_person_ends_after_three_days_and_when_another_is_made(): void
    {
        $owner = $this->person(Role::Owner);
        $runa = $this->added($owner, 'Runa', 'runa@shop.example', 'mechanic');
        $bo = $this->added($owner, 'Bo', 'bo@shop.example', 'mechanic');
        $code = fn (int $id): string => $this->actingAs($owner)->postJson("/api/v1/people/$id/code")->json('code');
        $first = $code($runa['id']);
        $hers = $code($runa['id']);
        $his = $code($bo['id']);
        $this->elsewhere();
        $this->join('runa@shop.example', $first, 'grease and balls')->assertStatus(422);
        $this->join('runa@shop.example', $his, 'grease and balls')->assertStatus(422);
        $this->travel(3)->days();
        $this->travel(1)->seconds();
        $this->join('runa@shop.example', $hers, 'grease and balls')->assertStatus(422);
        $late = $code($runa['id']);
        $this->elsewhere();
        $this->travel(71)->hours();
        $this->join('runa@shop.example', $late, 'grease and balls')->assertOk();
    }

    #[TestWith(['short', 'at least 8'])]
    #[TestWith(['aaaabbbbcccc', 'more than three different'])]
    #[TestWith(['abcdefghijklmnopqrstuvwxyzabcdefghijklmnopqrstuvwxyzabcdefghijklmnopqrstuv', 'at most 72'])]
    public function test_a_password_that_is_no_good_is_said_beside_the_field(string $password, string $why): void
    {
        $said = $this->join('runa@shop.example', 'AAAAA-AAAAA', $password)->assertStatus(422)->json('errors.0');
        self::assertSame('password', $said['field']);
        self::assertStringContainsString($why, $said['detail']);
    }

    public function test_guessing_a_code_ends_after_five_tries_and_says_how_long_to_wait(): void
    {
        $owner = $this->person(Role::Owner);
        $this->added($owner, 'Runa', 'runa@shop.example', 'mechanic');
        $this->elsewhere();
        foreach (range(1, 5) as $n) {
            $this->join('runa@shop.example', "AAAA$n-AAAAA", 'grease and balls')->assertStatus(422);
        }
        $refused = $this->join('runa@shop.example', 'AAAAA-AAAAA', 'grease and balls')->assertStatus(429);
        self::assertGreaterThan(50, (int) $refused->headers->get('Retry-After'));
        self::assertLessThanOrEqual(60, (int) $refused->headers->get('Retry-After'));
    }

    public function test_whoever_leaves_is_out_at_once_and_what_they_did_keeps_their_name(): void
    {
        $owner = $this->person(Role::Owner);
        $pim = $this->person(Role::Mechanic, $owner);
        $job = $this->jobOf($pim);
        $this->postJson('/api/v1/session', ['email' => $pim->email, 'password' => 'bearing', 'remember' => true])->assertOk();
        $this->keep($job, 'size.over_faces', ['typed' => '104'])->assertCreated();
        $his = session()->all();

        $this->actingAs($owner)->postJson("/api/v1/people/{$pim->id}/left")->assertOk()->assertJsonPath('name', $pim->name);
        self::assertNotNull($this->getJson('/api/v1/people')->json('people.1.left_at'));
        self::assertSame($pim->name, $this->getJson("/api/v1/jobs/{$job->id}/records")->json('data.0.by'));

        $this->elsewhere();
        $this->withSession($his)->getJson('/api/v1/jobs')->assertUnauthorized();
        $this->elsewhere();
        $in = fn () => $this->postJson('/api/v1/session', ['email' => $pim->email, 'password' => 'bearing']);
        $in()->assertStatus(422);
        $this->actingAs($owner)->deleteJson("/api/v1/people/{$pim->id}/left")->assertOk();
        $this->elsewhere();
        $in()->assertOk();
    }

    public function test_the_last_owner_stays_and_stays_owner(): void
    {
        $owner = $this->person(Role::Owner);
        $this->actingAs($owner);
        $this->postJson("/api/v1/people/{$owner->id}/left")->assertStatus(409)->assertJsonPath('type', '/problems/last-owner');
        $this->patchJson("/api/v1/people/{$owner->id}", ['role' => 'mechanic'])->assertStatus(409);
        self::assertSame(Role::Owner, $owner->refresh()->role);
        // Somebody who never joined could not open the shop again.
        $runa = $this->added($owner, 'Runa', 'runa@shop.example', 'owner');
        $this->patchJson("/api/v1/people/{$owner->id}", ['role' => 'mechanic'])->assertStatus(409);
        User::query()->whereKey($runa['id'])->update(['joined_at' => now()]);
        $this->patchJson("/api/v1/people/{$owner->id}", ['role' => 'mechanic'])->assertOk();
        $this->nobody()->actingAs($owner->refresh())->getJson('/api/v1/log')->assertForbidden();
    }

    public function test_the_owner_ends_the_sessions_of_a_person_on_every_device(): void
    {
        $owner = $this->person(Role::Owner);
        $pim = $this->person(Role::Mechanic, $owner);
        $signedIn = function () use ($pim): array {
            $this->elsewhere();
            $this->postJson('/api/v1/session', ['email' => $pim->email, 'password' => 'bearing'])->assertOk();

            return session()->all();
        };
        $sessions = [$signedIn(), $signedIn()];
        $this->actingAs($owner)->deleteJson("/api/v1/people/{$pim->id}/sessions")->assertNoContent();
        foreach ($sessions as $one) {
            foreach (['/api/v1/jobs', '/api/v1/session', '/files/tools.csv'] as $address) {
                $this->elsewhere();
                $this->withSession($one)->getJson($address)->assertUnauthorized();
            }
        }
        $signedIn();
        $this->nobody()->getJson('/api/v1/jobs')->assertOk();
    }

    public function test_a_password_is_changed_by_who_knows_it_and_ends_all_other_sessions_but_this(): void
    {
        $pim = $this->person();
        $in = ['email' => $pim->email, 'password' => 'bearing'];
        $this->postJson('/api/v1/session', $in)->assertOk();
        $other = session()->all();
        $this->elsewhere();
        $this->postJson('/api/v1/session', $in)->assertOk();
        $change = fn (string $present, string $new) => $this->putJson('/api/v1/session/password', [
            'present' => $present,
            'password' => $new,
        ]);
        $change('berring', 'needle and cage')->assertStatus(422)->assertJsonPath('errors.0.field', 'present');
        $change('bearing', 'needle and cage')->assertNoContent();
        $this->nobody()->getJson('/api/v1/session')->assertOk();
        $this->elsewhere();
        $this->withSession($other)->getJson('/api/v1/session')->assertUnauthorized();
        $this->elsewhere();
        $this->postJson('/api/v1/session', $in)->assertStatus(422);
        $this->postJson('/api/v1/session', ['password' => 'needle and cage'] + $in)->assertOk();
    }

    public function test_at_the_counter_the_customers_word_is_kept_and_no_reading(): void
    {
        $job = $this->jobOf($mechanic = $this->person());
        $this->actingAs($this->person(Role::Counter, $mechanic));
        $this->keep($job, 'source.customer.1.asked', ['text' => 'Sleeve it, or a new hub?'])->assertCreated();
        $this->keep($job, 'check.complaint', ['text' => 'Hums, and knocks over the ramp'])->assertCreated();
        $this->keep($job, 'size.over_faces', ['typed' => '104'])->assertForbidden();
        $this->keep($job, 'source.customer.1.asked.more', ['text' => 'x'])->assertForbidden();
        $new = ['machine_id' => $job->machine_id, 'wheel' => 'Rear', 'pattern' => 'pair-sleeve', 'complaint' => 'Hums'];
        $this->postJson('/api/v1/jobs', $new)
            ->assertCreated();
    }

    public function test_others_see_who_works_here_but_not_where_they_are_reached(): void
    {
        $owner = $this->person(Role::Owner);
        $this->actingAs($this->person(Role::Apprentice, $owner));
        $sheet = $this->getJson('/api/v1/people')->assertOk();
        self::assertFalse($sheet->json('may_change'));
        self::assertCount(2, $sheet->json('people'));
        self::assertSame([null, null], array_column($sheet->json('people'), 'email'));
    }

    public function test_an_address_that_is_taken_is_said_beside_the_field(): void
    {
        $owner = $this->person(Role::Owner);
        $elsewhere = $this->person();
        $this->actingAs($owner)
            ->postJson('/api/v1/people', ['name' => 'Bo', 'email' => strtoupper($elsewhere->email), 'role' => 'mechanic'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'email');
    }

    public function test_a_code_goes_by_mail_only_where_the_shop_has_a_mailer(): void
    {
        Mail::fake();
        $owner = $this->person(Role::Owner);
        $runa = $this->added($owner, 'Runa', 'runa@shop.example', 'mechanic');
        config(['mail.default' => 'off']);
        $this->postJson("/api/v1/people/{$runa['id']}/code", ['mail' => true])->assertCreated()->assertJsonPath('mailed', null);
        Mail::assertNothingSent();
        config(['mail.default' => 'log']);
        $made = $this->postJson("/api/v1/people/{$runa['id']}/code", ['mail' => true])->assertJsonPath('mailed', 'runa@shop.example');
        $mail = Mail::sent(CodeByMail::class)->sole();
        self::assertTrue($mail->hasTo('runa@shop.example'));
        $mail->assertSeeInText($made->json('code'));
        $mail->assertSeeInText(config('app.url').$made->json('address'));
        $mail->assertSeeInText($owner->shop->name);
    }

    public function test_the_owner_reads_who_did_what_and_no_line_of_it_can_be_changed(): void
    {
        $owner = $this->person(Role::Owner);
        $runa = $this->added($owner, 'Runa', 'runa@shop.example', 'apprentice');
        $code = $this->postJson("/api/v1/people/{$runa['id']}/code")->json('code');
        $this->patchJson("/api/v1/people/{$runa['id']}", ['role' => 'mechanic', 'name' => 'Runa K'])->assertOk();
        $this->elsewhere();
        $this->join('runa@shop.example', $code, 'grease and balls')->assertOk();
        $this->get('/files/tools.csv')->assertOk();
        $this->elsewhere();
        $this->postJson('/api/v1/session', ['email' => 'runa@shop.example', 'password' => 'wrong'])->assertStatus(422);

        $log = $this->actingAs($owner)->getJson('/api/v1/log')->assertOk()->json('data');
        self::assertSame(
            ['sign_in_failed', 'exported', 'signed_in', 'joined', 'role_changed', 'renamed', 'code_made', 'added'],
            array_column($log, 'what'),
        );
        self::assertSame(['apprentice → mechanic', $owner->name, 'Runa K'], [$log[4]['detail'], $log[4]['by'], $log[4]['about']]);
        self::assertSame('127.0.0.1', $log[0]['address']);
        self::assertSame([], $this->actingAs($this->person(Role::Owner))->getJson('/api/v1/log')->json('data'));
        $this->expectExceptionMessage('permission denied for table log_lines');
        DB::table((new LogLine())->getTable())->delete();
    }

    /** @return array<string, mixed> */
    private function added(User $owner, string $name, string $email, string $role): array
    {
        return $this->actingAs($owner)->postJson('/api/v1/people', compact('name', 'email', 'role'))->assertCreated()->json();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function join(string $email, string $code, string $password): TestResponse
    {
        /** @var TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->postJson('/api/v1/joining', compact('email', 'code', 'password'));
    }

    /** Another browser: nobody is signed in there. */
    private function elsewhere(): void
    {
        $this->nobody()->flushSession();
    }
}
