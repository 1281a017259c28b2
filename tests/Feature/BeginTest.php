<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** A shop of one's own: begun on the page, or by command. */
final class BeginTest extends TestCase
{
    use RefreshDatabase;

    private const SHOP = [
        'name' => 'Knock and Hum',
        'place' => 'Mole Quay 3',
        'time_zone' => 'Atlantic/Faroe',
        'currency' => 'kr',
        'hour' => '640,50',
        'units' => 'in',
        'paper' => 'letter',
        'press' => '12 t',
        'draw_bolt' => 'M10',
    ];

    private const OWNER = ['name' => 'Sunna', 'email' => 'Sunna@knock.example', 'password' => 'needle and cage'];

    public function test_a_shop_begins_under_the_printed_address_and_its_owner_is_signed_in(): void
    {
        $query = $this->printed();
        $this->getJson("/api/v1/begin?$query")->assertNoContent();
        $this->postJson("/api/v1/begin?$query", ['shop' => self::SHOP, 'person' => self::OWNER])
            ->assertCreated()
            ->assertJson(['name' => 'Sunna', 'email' => 'sunna@knock.example', 'role' => 'owner'])
            ->assertJson(['shop' => 'Knock and Hum', 'units' => 'in']);
        $sheet = $this->nobody()->getJson('/api/v1/shop')->assertOk();
        $sheet->assertJson([
            'time_zone' => 'Atlantic/Faroe',
            'currency' => 'kr',
            'hour_minor' => 64050,
            'paper' => 'letter',
            'draw_bolt' => 'M10',
            'may_change' => true,
        ]);
        // Twelve tonnes of force, by 9.80665 N a kilogram.
        self::assertEqualsWithDelta(117680, $sheet->json('press_n'), 1);
        self::assertFalse(Shop::query()->sole()->demo);
        self::assertSame('own', $this->kind());

        // The address is used up.
        $this->getJson("/api/v1/begin?$query")->assertStatus(410);
        $another = ['shop' => self::SHOP, 'person' => ['email' => 'b@b.example'] + self::OWNER];
        $this->postJson("/api/v1/begin?$query", $another)->assertStatus(410);
        self::assertSame(1, User::query()->count());
        self::assertSame(1, Artisan::call('shop:begin'));
    }

    public function test_no_shop_begins_under_an_address_that_was_not_printed_here_or_is_over(): void
    {
        $body = ['shop' => self::SHOP, 'person' => self::OWNER];
        $this->postJson('/api/v1/begin', $body)->assertStatus(410);
        $query = $this->printed();
        $this->postJson('/api/v1/begin?'.preg_replace('/signature=..../', 'signature=0000', $query), $body)->assertStatus(410);
        $this->travel(8)->days();
        $this->postJson("/api/v1/begin?$query", $body)->assertStatus(410);
        self::assertSame('none', $this->kind());
    }

    /** @param  array<string, string>  $shop */
    #[TestWith(['shop.name', ['name' => '']])]
    #[TestWith(['shop.time_zone', ['time_zone' => 'Mole/Quay']])]
    #[TestWith(['shop.hour', ['hour' => '1.234']])]
    #[TestWith(['shop.press', ['press' => '40 Nm']])]
    #[TestWith(['shop.draw_bolt', ['draw_bolt' => 'M11']])]
    #[TestWith(['shop.currency', ['currency' => 'crowns']])]
    public function test_what_cannot_be_used_of_a_shop_is_said_at_its_field(string $field, array $shop): void
    {
        $query = $this->printed();
        $this->postJson("/api/v1/begin?$query", ['shop' => $shop + self::SHOP, 'person' => self::OWNER])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', $field);
        self::assertSame(0, Shop::query()->count());
    }

    public function test_whoever_works_alone_has_no_others_until_they_say_so(): void
    {
        $query = $this->printed();
        $this->postJson("/api/v1/begin?$query", [
            'shop' => ['name' => 'Sunna', 'alone' => true, 'prices' => false],
            'person' => self::OWNER,
        ])
            ->assertCreated()
            ->assertJson(['alone' => true, 'prices' => false, 'may_sign' => true]);
        $new = ['name' => 'Bo', 'email' => 'bo@knock.example', 'role' => 'mechanic'];
        $this->postJson('/api/v1/people', $new)->assertStatus(409);
        $several = ['alone' => false, 'prices' => true];
        $this->patchJson('/api/v1/shop', $several)->assertOk()->assertJson($several);
        $this->postJson('/api/v1/people', $new)->assertCreated();
        $this->patchJson('/api/v1/shop', ['alone' => true])->assertStatus(409)->assertJsonPath('type', '/problems/others-here');
    }

    public function test_what_is_noted_of_a_shop_is_changed_later_and_money_follows(): void
    {
        $owner = $this->person(Role::Owner);
        $this->actingAs($owner);
        $this->patchJson('/api/v1/shop', ['name' => 'Other Quay', 'currency' => '£', 'hour' => '61', 'press' => '', 'paper' => 'letter'])
            ->assertOk()
            ->assertJson(['name' => 'Other Quay', 'currency' => '£', 'hour_minor' => 6100, 'press_n' => null, 'paper' => 'letter']);
        $this->patchJson('/api/v1/shop', ['hour' => 'plenty'])->assertStatus(422)->assertJsonPath('errors.0.field', 'hour');
        self::assertSame(['Other Quay', 6100, 'M12'], array_values(Shop::query()->sole()->only('name', 'hour_minor', 'draw_bolt')));
        self::assertSame('name, press_capacity_n, currency, hour_minor, paper', $this->getJson('/api/v1/log')->json('data.0.detail'));
    }

    public function test_papers_are_of_the_shops_size_and_say_its_day(): void
    {
        $owner = $this->person(Role::Owner);
        $job = $this->jobOf($owner);
        $paper = fn (string $more = ''): string => (string) $this->actingAs($owner)
            ->get("/files/jobs/{$job->id}/card.pdf$more")
            ->getContent();
        self::assertStringContainsString('/MediaBox [0.000 0.000 595.280 841.890]', $paper());
        $this->patchJson('/api/v1/shop', ['paper' => 'letter', 'place' => 'Mole Quay 3'])->assertOk();
        self::assertStringContainsString('/MediaBox [0.000 0.000 612.000 792.000]', $paper());
        self::assertStringContainsString('/MediaBox [0.000 0.000 595.280 841.890]', $paper('?paper=a4'));
        $shop = Shop::query()->sole();
        self::assertStringEndsWith(', Mole Quay 3', $shop->saidOnPaper());
        // Half an hour before midnight in the middle of the world is tomorrow in Auckland.
        $shop->time_zone = 'Pacific/Auckland';
        self::assertSame('Feb 4, 2026', $shop->day(Carbon::parse('2026-02-03T23:30:00Z')));
        self::assertSame('en-US', $shop->daysAs());
        $shop->paper = 'a4';
        self::assertSame('4 Feb 2026', $shop->day(Carbon::parse('2026-02-03T23:30:00Z')));
        self::assertSame('4 Feb 2026 12:30', $shop->day(Carbon::parse('2026-02-03T23:30:00Z'), true));
        self::assertSame('en-GB', $shop->daysAs());
    }

    public function test_a_server_without_a_browser_makes_shops_people_and_links(): void
    {
        $knock = ['name' => 'Knock', 'owner' => 'Sunna', 'email' => 's@knock.example', '--press' => '8 t'];
        self::assertSame(0, Artisan::call('shop:make', $knock));
        self::assertStringContainsString('/join?email=s%40knock.example&code=', Artisan::output());
        $shop = Shop::query()->sole();
        self::assertSame([78453, 5400, false], [$shop->press_capacity_n, $shop->hour_minor, $shop->demo]);
        self::assertSame(1, Artisan::call('shop:make', ['name' => 'Two', 'owner' => 'Sunna', 'email' => 's@knock.example']));
        self::assertSame(1, Artisan::call('shop:make', ['name' => 'Two', 'owner' => 'B', 'email' => 'b@b.example', '--units' => 'ells']));
        self::assertSame(1, Shop::query()->count());

        $person = ['shop' => (string) $shop->id, 'name' => 'Bo', 'email' => 'bo@knock.example', 'role' => 'counter'];
        self::assertSame(0, Artisan::call('shop:person', $person));
        self::assertSame(1, Artisan::call('shop:person', ['role' => 'king'] + $person));
        Artisan::call('shop:list');
        self::assertStringContainsString('Bo, counter, bo@knock.example, has not joined yet', Artisan::output());

        self::assertSame(1, Artisan::call('shop:password', ['email' => 'nobody@knock.example']));
        self::assertSame(0, Artisan::call('shop:password', ['email' => 'BO@knock.example']));
        parse_str((string) parse_url(trim(Artisan::output()), PHP_URL_QUERY), $link);
        $this->postJson('/api/v1/joining', $link + ['password' => 'needle and cage'])->assertOk()->assertJson(['role' => 'counter']);
    }

    private function printed(): string
    {
        Artisan::call('shop:begin');
        $address = trim(Artisan::output());
        self::assertStringContainsString('/begin?expires=', $address);

        return (string) parse_url($address, PHP_URL_QUERY);
    }

    private function kind(): string
    {
        Artisan::call('shop:list', ['--kind' => true]);

        return trim(Artisan::output());
    }
}
