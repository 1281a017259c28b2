<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Concerns\ShopAtHand;
use App\Models\Job;
use App\Models\ListedPrice;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\RefreshDatabase;
use Tests\TestCase;

/** From the tray to the parcel: lists, prices, baskets, orders, the shelf. */
final class BuyingTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->person();
        $this->job = $this->jobOf($this->user);
        $this->actingAs($this->user);
        foreach (['left', 'right'] as $side) {
            $this->keep($this->job, "size.$side.number", ['text' => '6204 2RS'])->assertCreated();
            $this->keep($this->job, "part.bearing_$side", ['state' => 'on_tray', 'condition' => 'replace'])->assertCreated();
        }
    }

    /** @param  array<string, mixed>  $supplier */
    private function supplier(string $csv, array $supplier = []): int
    {
        $id = (int) $this->postJson('/api/v1/suppliers', $supplier + ['name' => 'Counter', 'carriage' => '0.00', 'days' => 1])
            ->assertCreated()
            ->json('id');
        $this->prices($id, $csv, ['keep' => true])
            ->assertOk()
            ->assertJsonPath('kept', true);

        return $id;
    }

    /**
     * @param  array<string, mixed>  $more
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function prices(int $supplier, string $csv, array $more = []): \Illuminate\Testing\TestResponse
    {
        /** @var \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse> */
        return $this->json(
            'POST',
            "/api/v1/suppliers/$supplier/prices",
            ['list' => UploadedFile::fake()->createWithContent('list.csv', $csv)] + $more,
        );
    }

    public function test_a_price_list_is_looked_at_first_and_then_taken_whole(): void
    {
        $id = $this->supplier("article,price\n6204-2RS,4.20\n");
        $csv = "Code;Text;Preis\n6005 2RS;Bearing;3,10\n;nothing;1,00\n6006 2RS;Bearing;ask\n";
        $look = $this->prices($id, $csv)->assertOk();
        self::assertSame([3, 1, 1, false], [$look->json('rows'), $look->json('taken'), $look->json('known'), $look->json('kept')]);
        self::assertSame([3, 4], array_column($look->json('faults'), 'line'));
        self::assertSame(['6204-2RS'], ListedPrice::query()->pluck('article')->all(), 'looking changes nothing');
        $this->prices($id, $csv, ['keep' => true])->assertOk();
        self::assertSame(['6005 2RS'], ListedPrice::query()->pluck('article')->all());
        self::assertSame(1, $this->getJson('/api/v1/suppliers')->json('data.0.articles'));
    }

    public function test_a_list_without_a_price_column_says_so_and_can_be_told(): void
    {
        $id = $this->supplier("article,price\n6204-2RS,4.20\n");
        $this->prices($id, "foo,bar\n6204 2RS,4.20\n")->assertStatus(422)->assertJsonPath('errors.0.field', 'columns');
        $this->prices($id, "foo,bar\n6204 2RS,4.20\n", ['column_article' => 0, 'column_price' => 1])
            ->assertOk()
            ->assertJsonPath('taken', 1);
        $this->prices($id, "a\0b")->assertStatus(422)->assertJsonPath('errors.0.field', 'list');
        $this->json('POST', "/api/v1/suppliers/$id/prices")
            ->assertStatus(422)
            ->assertJsonPath('errors.0.field', 'list');
    }

    public function test_the_list_of_a_job_finds_its_offers_whatever_counters_call_things(): void
    {
        $this->supplier("article,price,stock\n6204 DDU,8.00,10\n", ['name' => 'Near', 'days' => 0]);
        $this->supplier("Artikel;Bezeichnung;Preis\nM-77;Rillenkugellager 6204-2RSH;3,00\n", [
            'name' => 'Far',
            'carriage' => '6.00',
            'days' => 3,
        ]);
        $sheet = $this->getJson("/api/v1/jobs/{$this->job->id}/shopping")->assertOk();
        self::assertSame([2, true], [$sheet->json('lines.0.quantity'), $sheet->json('lines.0.known')]);
        self::assertSame(
            [1200, 3, 'M-77'],
            [$sheet->json('cheapest.total_minor'), $sheet->json('cheapest.days'), $sheet->json('cheapest.offers.0.article')],
        );
        self::assertSame(
            [1600, 0, 'Near'],
            [$sheet->json('soonest.total_minor'), $sheet->json('soonest.days'), $sheet->json('soonest.offers.0.supplier_name')],
        );
    }

    public function test_ordering_leaves_nothing_to_order_twice_and_receiving_is_said_as_what_is_here(): void
    {
        $this->supplier("article,price\n6204 2RS,4.00\n", ['carriage' => '2.50']);
        $orders = $this->postJson("/api/v1/jobs/{$this->job->id}/orders", ['way' => 'cheapest'])->assertCreated();
        self::assertSame(
            [800, 250, false, 2],
            [
                $orders->json('data.0.goods_minor'),
                $orders->json('data.0.carriage_minor'),
                $orders->json('data.0.here'),
                $orders->json('data.0.lines.0.quantity'),
            ],
        );
        $this->postJson("/api/v1/jobs/{$this->job->id}/orders", ['way' => 'cheapest'])
            ->assertStatus(409)
            ->assertJsonPath('title', 'Nothing to order');
        self::assertSame(2, $this->getJson("/api/v1/jobs/{$this->job->id}/shopping")->json('lines.0.ordered'));
        [$order, $line] = [$orders->json('data.0.id'), $orders->json('data.0.lines.0.id')];
        $book = fn (int $pieces) => $this->postJson("/api/v1/orders/$order/received", [
            'lines' => [['id' => $line, 'received' => $pieces]],
        ]);
        $board = fn (): ?string => $this->getJson('/api/v1/jobs')->json('data.0.parts_on');
        self::assertSame(now()->addDay()->format('Y-m-d'), $board(), 'the board says when they come');
        $book(1)->assertOk()->assertJsonPath('here', false);
        self::assertNotNull($board(), 'one is still on its way');
        $book(2)->assertOk()->assertJsonPath('here', true);
        self::assertNull($board());
        $book(2)->assertOk()->assertJsonPath('lines.0.received', 2);
        $book(3)->assertStatus(422)->assertJsonPath('errors.0.field', 'lines.0.received');
        self::assertSame(2, (int) DB::table('order_lines')->where('id', $line)->value('received'));
    }

    public function test_a_question_to_the_customer_waits_on_the_board_until_it_is_answered(): void
    {
        $board = fn (): ?string => $this->getJson('/api/v1/jobs')->json('data.0.asked');
        $hands = fn (): int => $this->getJson('/api/v1/bench-day')->json('jobs.0.hand_minutes');
        $all = $hands();
        $this->keep($this->job, 'source.customer.1.asked', ['text' => 'Sleeve it, or a new hub?'])->assertCreated();
        self::assertSame('Sleeve it, or a new hub?', $board());
        self::assertLessThan($all, $hands(), 'what comes after buying is not for today');
        self::assertGreaterThan(0, $hands());
        $this->keep($this->job, 'source.customer.1.answer', ['text' => 'Sleeve it'])->assertCreated();
        self::assertNull($board());
        self::assertSame($all, $hands());
        $this->keep($this->job, 'source.customer.2.asked', ['text' => 'The other wheel too?'])->assertCreated();
        self::assertSame('The other wheel too?', $board());
    }

    public function test_what_lies_on_the_shelf_is_not_bought_and_never_taken_twice(): void
    {
        $this->supplier("article,price\n6204 2RS,4.00\n");
        $item = $this->postJson('/api/v1/shelf', ['article' => '6204 DDU', 'count' => 1])
            ->assertCreated()
            ->json('id');
        $sheet = $this->getJson("/api/v1/jobs/{$this->job->id}/shopping")->assertOk();
        self::assertSame(
            [1, $item, 400],
            [$sheet->json('lines.0.on_shelf'), $sheet->json('lines.0.shelf_item'), $sheet->json('cheapest.total_minor')],
        );
        $this->postJson("/api/v1/shelf/$item/taken", ['pieces' => 1])
            ->assertOk()
            ->assertJsonPath('count', 0);
        $this->postJson("/api/v1/shelf/$item/taken", ['pieces' => 1])->assertStatus(409);
        $this->postJson('/api/v1/shelf', ['article' => '6204-2RS1', 'count' => 5])
            ->assertCreated()
            ->assertJsonPath('id', $item);
        $this->postJson('/api/v1/shelf', ['article' => '', 'count' => -1])->assertStatus(422);
    }

    public function test_nothing_of_another_shop_is_offered(): void
    {
        $mine = $this->supplier("article,price\n6204 2RS,9.00\n");
        $other = $this->nobody()->person();
        $this->actingAs($other);
        $this->supplier("article,price\n6204 2RS,1.00\n");
        $this->actingAs($this->user);
        $sheet = $this->getJson("/api/v1/jobs/{$this->job->id}/shopping");
        self::assertSame([$mine], array_column($sheet->json('offers'), 'supplier'));
    }

    /** @return iterable<string, array{string, string}> address, words in it */
    public static function papers(): iterable
    {
        yield 'order' => ['/files/orders/{order}/order.pdf', '%PDF'];
        yield 'quote' => ['/files/jobs/{job}/quote.pdf?paper=letter', '%PDF'];
        yield 'order as CSV' => ['/files/orders/{order}/order.csv', "article,description,quantity,price,for\r\n6204 2RS,"];
    }

    #[DataProvider('papers')]
    public function test_orders_and_quotes_go_on_paper_and_as_csv(string $address, string $words): void
    {
        $this->supplier("article,price\n6204 2RS,4.00\n=cmd|' /C calc'!A1,1.00\n");
        $order = $this->postJson("/api/v1/jobs/{$this->job->id}/orders", ['way' => 'soonest'])->json('data.0.id');
        $answer = $this->get(strtr($address, ['{order}' => (string) $order, '{job}' => (string) $this->job->id]))->assertOk();
        self::assertSame(0, strpos((string) $answer->getContent(), $words));
    }

    public function test_a_cell_that_a_spreadsheet_would_run_is_kept_as_text(): void
    {
        $this->supplier("article,price,description\n=1+1,4.00,Bearing 6204 2RS\n");
        $order = $this->postJson("/api/v1/jobs/{$this->job->id}/orders", ['way' => 'cheapest'])
            ->assertCreated()
            ->json('data.0.id');
        self::assertStringContainsString("\n'=1+1,", (string) $this->get("/files/orders/$order/order.csv")->getContent());
    }

    public function test_a_shopping_list_costs_as_many_queries_for_three_lines_as_for_one(): void
    {
        $this->supplier("article,price\n6204 2RS,4.00\nOil seal 35x62x7,3.00\n");
        $count = function (): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->getJson("/api/v1/jobs/{$this->job->id}/shopping")->assertOk();

            return count(DB::getQueryLog());
        };
        $before = $count();
        $this->keep($this->job, 'part.seal_left', ['state' => 'on_tray', 'condition' => 'replace'])->assertCreated();
        $this->keep($this->job, 'size.part.seal_left', ['text' => '35 62 7'])->assertCreated();
        self::assertLessThanOrEqual($before, $count());
        $this->postJson("/api/v1/jobs/{$this->job->id}/orders", ['way' => 'cheapest'])->assertCreated();
        $this->queriesOf('/api/v1/orders');
        self::assertLessThanOrEqual(
            7,
            $this->queriesOf('/api/v1/orders'),
            'a page, and one query for each thing that belongs to its orders',
        );
    }

    private function queriesOf(string $address): int
    {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $this->getJson($address)->assertOk();

        return count(DB::getQueryLog());
    }

    public function test_the_demo_counters_list_what_their_files_say(): void
    {
        $this->nobody();
        $shop = \App\Models\Shop::query()->create(['name' => 'Demo']);
        $this->app
            ->make(ShopAtHand::class)
            ->within($shop->id, fn () => $this->app->make(\Database\Seeders\DemoSuppliers::class)->load($shop));
        $listed = ListedPrice::query()->withoutGlobalScopes()->where('shop_id', $shop->id)->get();
        self::assertCount(3, $listed->groupBy('supplier_id'));
        self::assertGreaterThan(150, $listed->count());
        self::assertGreaterThan(
            0.95,
            $listed->whereNotNull('key')->count() / $listed->count(),
            implode(', ', $listed->whereNull('key')->pluck('description')->all()),
        );
        self::assertGreaterThan(1, $listed->where('key', 'bearing:6204:rs2:CN')->count());
    }
}
