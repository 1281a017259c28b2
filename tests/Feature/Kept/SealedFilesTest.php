<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use App\JobFile\Seal;
use App\JobFile\ShopKey;
use App\Models\AcceptedKey;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Feature\JobFilesTest;
use Tests\GoodJobs;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A job that was signed elsewhere says so, and whether that is proven: by a key that the owner compared, and by none other. */
final class SealedFilesTest extends TestCase
{
    use GoodJobs;
    use RefreshDatabase;

    /** @return array<string, mixed> the file of a job that was signed in this shop */
    private function sealed(): array
    {
        $job = $this->good();
        $this->sign($job);

        return $this->get("/files/jobs/{$job->id}/job.json")->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $file
     * @return array<string, mixed> what a job that was taken in says of its signature
     */
    private function said(array $file): array
    {
        $taken = $this->take($file)->assertCreated()->json('id');
        $sheet = $this->getJson("/api/v1/jobs/$taken")->assertOk()->json();
        self::assertSame([null, null], [$sheet['signed_at'], $sheet['signed_by']], 'nobody signed it here');
        $past = $this->getJson("/api/v1/machines/{$sheet['machine']['id']}")->assertOk()->json('jobs.0.said_signed');
        self::assertSame($sheet['said_signed'], $past, 'the history says the same');
        $this->get("/files/jobs/$taken/card.pdf")->assertOk();
        $this->get("/files/jobs/$taken/sheet.pdf")->assertOk();

        return $sheet['said_signed'];
    }

    private function elsewhere(): User
    {
        $other = $this->person(Role::Owner)->load('shop');
        $this->nobody()->actingAs($other);

        return $other;
    }

    public function test_a_file_that_comes_home_is_checked(): void
    {
        $said = $this->said($this->sealed());
        self::assertSame(["Signed by {$this->user->name} at {$this->user->shop->name}, checked.", true, false], array_values($said));
    }

    public function test_elsewhere_it_is_proven_once_the_owner_compared_the_fingerprint_and_until_they_take_it_back(): void
    {
        $file = $this->sealed();
        $own = ShopKey::fingerprint(ShopKey::of($this->user->shop_id)->public);
        $this->elsewhere();
        $said = $this->said($file);
        self::assertSame(
            ["The file from {$this->user->shop->name} says that {$this->user->name} signed it there. Not proven.", false, true],
            array_values($said),
        );
        $keys = $this->getJson('/api/v1/keys')->assertOk()->json();
        $seen = $keys['seen'][0];
        self::assertSame([[], 1, ''], [$keys['accepted'], $seen['jobs'], $seen['fingerprint']], 'what to compare is not told');
        self::assertNotSame($own, $keys['fingerprint']);
        $accept = fn (string $fingerprint) => $this->postJson('/api/v1/keys', [
            'key' => $file['signature']['key'],
            'name' => 'Quay Works',
            'fingerprint' => $fingerprint,
        ]);
        $accept(strrev($own))->assertStatus(422)->assertJsonPath(
            'errors.0.detail',
            'That is not the fingerprint of this key: it is another shop, or the file was changed on its way.',
        );
        $accept('')->assertStatus(422);
        $id = $accept(strtolower(str_replace('-', ' ', $own)))->assertCreated()->json('id');
        self::assertSame(["Signed by {$this->user->name} at Quay Works, checked.", true, false], array_values($this->said($file)));
        $this->getJson('/api/v1/keys')->assertJsonCount(1, 'accepted')->assertJsonCount(0, 'seen');
        $this->deleteJson("/api/v1/keys/$id")->assertNoContent();
        self::assertFalse($this->said($file)['checked']);
        $logged = DB::table('log_lines')->where('what', 'like', 'key_%')->orderBy('id')->pluck('what')->all();
        self::assertSame(['key_accepted', 'key_revoked'], $logged);
        self::assertSame(0, AcceptedKey::query()->whereNull('revoked_at')->count());
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>}> */
    private static function forgeries(): iterable
    {
        yield 'another signer' => [static fn (array $f): array => ['job' => ['signed_by' => 'Tove'] + $f['job']] + $f];
        $other = ['signed_at' => '2026-01-01T00:00:00.000+00:00'];
        yield 'another day' => [static fn (array $f): array => ['job' => $other + $f['job']] + $f];
        yield 'a reading changed' => [static function (array $f): array {
            $f['records'][2]['value'] = ['text' => 'x'];

            return $f;
        }];
        yield 'a reading left out' => [static fn (array $f): array => ['records' => array_slice($f['records'], 1)] + $f];
        yield 'two readings swapped' => [static function (array $f): array {
            [$f['records'][0], $f['records'][1]] = [$f['records'][1], $f['records'][0]];

            return $f;
        }];
        yield 'another card' => [static fn (array $f): array => ['card' => ['report' => []]] + $f];
        yield 'a word more' => [static fn (array $f): array => ['addenda' => [
            ['text' => 'x', 'made_at' => '2026-03-01T08:00:00.000+00:00', 'by' => 'Runa'],
        ]] + $f];
        yield 'no signature' => [static fn (array $f): array => ['signature' => null] + $f];
        yield 'one cut short' => [static function (array $f): array {
            $f['signature']['value'] = substr($f['signature']['value'], 0, 40);

            return $f;
        }];
        yield 'a key of the forger' => [static function (array $f): array {
            $pair = sodium_crypto_sign_keypair();
            $f['signature'] = [
                'algorithm' => 'Ed25519',
                'key' => base64_encode(sodium_crypto_sign_publickey($pair)),
                'value' => base64_encode(sodium_crypto_sign_detached(Seal::digest($f), sodium_crypto_sign_secretkey($pair))),
            ];

            return $f;
        }];
    }

    public function test_what_was_changed_on_its_way_is_not_proven(): void
    {
        $file = $this->sealed();
        self::assertTrue($this->said($file)['checked']);
        foreach (self::forgeries() as $what => [$forge]) {
            self::assertFalse($this->said($forge($file))['checked'], $what);
        }
    }

    public function test_the_order_of_names_and_another_way_of_writing_break_nothing(): void
    {
        $file = $this->sealed();
        $key = $file['signature']['key'];
        $turned = array_reverse($file, true);
        $turned['job'] = array_reverse($turned['job'], true);
        $turned['records'] = array_map(array_reverse(...), $turned['records'], array_fill(0, count($turned['records']), true));
        $written = (string) json_encode($turned, JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION);
        self::assertSame($key, Seal::keyOf((array) json_decode($written, true)));
    }

    public function test_a_job_that_is_not_signed_carries_no_signature_and_a_card_that_is_no_card_breaks_nothing(): void
    {
        $job = $this->good();
        self::assertNull($this->get("/files/jobs/{$job->id}/job.json")->json('signature'));
        $cards = [['report' => 'x'], ['report' => ['stations' => 7, 'section' => []]], ['report' => ['blocks' => [[]]]], ['x' => [[1]]]];
        foreach ($cards as $card) {
            $file = ['card' => $card] + JobFilesTest::file();
            $file['job'] = ['signed_at' => '2026-03-02T09:00:00.000+00:00', 'signed_by' => 'Tove'] + $file['job'];
            self::assertFalse($this->said($file)['checked']);
        }
        self::assertSame(0, DB::table('sign_offs')->count());
    }

    public function test_the_secret_half_is_kept_encrypted_and_there_is_one_of_it(): void
    {
        $key = ShopKey::of($this->user->shop_id);
        $kept = DB::table('shop_keys')->sole();
        self::assertSame($key->public, $kept->public_key);
        self::assertStringNotContainsString($key->public, $kept->secret);
        self::assertNotFalse(base64_decode($kept->secret, true));
        self::assertSame($key->public, ShopKey::of($this->user->shop_id)->public);
        self::assertSame(0, Job::query()->count());
    }
}
