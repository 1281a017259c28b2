<?php

declare(strict_types=1);

namespace Tests\Feature\Kept;

use App\Errands\TakesAlong;
use App\Models\Concerns\ShopAtHand;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Role;
use App\Models\Shop;
use App\Models\Tool;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\RefreshDatabase;
use Tests\TestCase;
use ZipArchive;

/** All of a shop goes along in one file, and another installation takes it in as it was. */
final class AlongTest extends TestCase
{
    use RefreshDatabase;

    /** @return array<string, mixed> what a shop holds, as far as numbers in the database do not matter */
    private function holds(Shop $shop): array
    {
        return $this->app->make(ShopAtHand::class)->within($shop->id, static fn (): array => [
            'shop' => $shop->only(['name', 'place', 'time_zone', 'currency', 'hour_minor', 'habits', 'last_job_number']),
            'people' => User::query()->where('shop_id', $shop->id)->orderBy('name')->get(['name', 'role'])->toArray(),
            'machines' => Machine::query()->orderBy('name')->orderBy('owner')->get(['name', 'model', 'owner'])->toArray(),
            'jobs' => Job::query()->orderBy('number')->get(['number', 'wheel', 'pattern'])->toArray(),
            'records' => DB::select(
                'select jobs.number, place, value - \'photos\' - \'recording\' - \'sealed\' as value, instrument
                from entries join jobs on jobs.id = job_id
                where entries.shop_id = ? order by jobs.number, seq',
                [$shop->id],
            ),
            'photos' => Photo::query()->count(),
            'recordings' => DB::select('select md5(wav) as wav from recordings where shop_id = ? order by 1', [$shop->id]),
            'tools' => Tool::query()->orderBy('name')->orderBy('id')->get(['name', 'kind', 'outside_mm', 'length_mm'])->toArray(),
            'prices' => DB::table('listed_prices')->where('shop_id', $shop->id)->orderBy('id')->get(['article', 'price_minor'])->all(),
            'due' => self::rows('due_items', $shop, 'what', 'due_on'),
            'sets' => self::rows('fitted_sets', $shop, 'fitted_on', 'wheel', 'bearings'),
            'meters' => DB::table('meter_readings')->where('shop_id', $shop->id)->sum('amount'),
        ]);
    }

    /** @return array<int, \stdClass> those columns of a table, in their order */
    private static function rows(string $table, Shop $shop, string ...$columns): array
    {
        $rows = DB::table($table)->where('shop_id', $shop->id);
        array_map($rows->orderBy(...), $columns);

        return $rows->get($columns)->all();
    }

    public function test_the_whole_demo_goes_along_and_comes_in_again_as_another_shop(): void
    {
        $this->seed(DatabaseSeeder::class);
        $shop = Shop::query()->sole();
        $owner = User::query()->where('email', 'tove@ferryworks.example')->sole();
        $this->actingAs($owner);
        $id = (string) Str::uuid();
        $said = $this->postJson('/api/v1/shop/along', ['id' => $id])->assertStatus(202)->assertJsonPath('state', 'done')->json();
        $file = TakesAlong::path($id);
        self::assertStringStartsWith('PK', (string) $this->get($said['file'])->assertOk()->streamedContent());
        $zip = new ZipArchive();
        $zip->open($file);
        self::assertStringContainsString('shop:take-in', (string) $zip->getFromName('README.txt'));
        self::assertStringNotContainsString('password', strtolower((string) $zip->getFromName('shop.json')));
        self::assertStringContainsString('Parcel moped', (string) $zip->getFromName('machines.json'));

        // The same people cannot sign in to two shops of one server.
        $this->nobody();
        self::assertSame(1, Artisan::call('shop:take-in', ['file' => $file]));
        self::assertSame(1, Shop::query()->count(), 'nothing of it was taken in');
        $before = $this->holds($shop);
        User::query()->where('shop_id', $shop->id)->each(static fn (User $u) => $u->forceFill(['email' => "old-{$u->email}"])->save());
        self::assertSame(0, Artisan::call('shop:take-in', ['file' => $file]));
        self::assertStringContainsString('Tove: ', Artisan::output());
        $taken = Shop::query()->orderByDesc('id')->firstOrFail();
        self::assertEquals($before, $this->holds($taken));
        $tove = User::query()->where('email', 'tove@ferryworks.example')->sole();
        $this->actingAs($tove->load('shop'));
        $signed = Job::query()->whereNotNull('origin')->get()->first(static fn (Job $j): bool => isset($j->origin['signed_by']));
        $sheet = $this->getJson('/api/v1/jobs/'.$signed?->id)->assertOk();
        self::assertStringContainsString(', checked.', $sheet->json('said_signed.text'));
        unlink($file);
    }

    public function test_what_is_no_such_file_is_refused_in_a_sentence(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'no-shop');
        foreach (['no zip' => 'text', 'another zip' => null] as $text) {
            file_put_contents($file, (string) $text);
            if ($text === null) {
                $zip = new ZipArchive();
                $zip->open($file, ZipArchive::OVERWRITE);
                $zip->addFromString('shop.json', '{"format": "x"}');
                $zip->close();
            }
            self::assertSame(1, Artisan::call('shop:take-in', ['file' => $file]));
            self::assertStringContainsString('That is no file that "Take everything along" wrote', Artisan::output());
        }
        unlink($file);
        self::assertSame(0, Shop::query()->count());
        self::assertSame(0, User::query()->where('role', Role::Owner)->count());
    }
}
