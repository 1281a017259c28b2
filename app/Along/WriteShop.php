<?php

declare(strict_types=1);

namespace App\Along;

use App\Errands\Progress;
use App\JobFile\JobFile;
use App\JobFile\ShopKey;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Shop;
use App\Models\Tool;
use App\Shapes\Json;
use CleanRace\Core\Tooling\ToolList;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use ZipArchive;

/** All of a shop in open formats in one ZIP, each job as the file it goes out as by itself, with its photographs. */
final class WriteShop
{
    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | Json::FLAGS;

    private const README = <<<'TEXT'
    All of a shop, as it was on the day that shop.json names.

    shop.json       what is noted of it, its people (names, addresses, roles; no passwords), and the key its jobs are signed with
    machines.json   each machine with its sets, what falls due, and its meters
    jobs/           each job as a file: everything that was entered, in its order, photographs (JPEG, as base64), traces, the card
                    as it was signed. docs/formats/job.schema.json of Clean Race says what stands where.
    tools.csv       the tool wall
    buying.json     suppliers with their price lists, and what lies on the shelf; amounts in the smallest unit of the currency
    orders.csv      what was ordered
    log.csv         the owner's log

    A new installation takes it in:  ops/artisan shop:take-in FILE.zip
    Whoever has this file has all of it, customers' words among it.

    TEXT;

    /** @var list<string> */
    private array $parts = [];

    /** @param  string  $path where it is written */
    public function __invoke(Shop $shop, string $path, Progress $progress): void
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("$path cannot be written.");
        }
        try {
            $zip->addFromString('README.txt', self::README);
            $zip->addFromString('shop.json', self::json(self::shop($shop)));
            $zip->addFromString('machines.json', self::json(self::machines($shop)));
            $zip->addFromString('tools.csv', ToolList::write(Tool::wall($shop->id)[1]));
            $zip->addFromString('buying.json', self::json(self::buying($shop)));
            $zip->addFromString('orders.csv', self::csv(
                'select orders.number, suppliers.name as supplier, jobs.number as job, orders.created_at as ordered_at, what, article,
                    ask_for, quantity, received, price_minor
                from orders join order_lines on order_lines.order_id = orders.id join suppliers on suppliers.id = orders.supplier_id
                    join jobs on jobs.id = orders.job_id where orders.shop_id = ? order by orders.id, order_lines.id',
                $shop,
            ));
            $zip->addFromString('log.csv', self::csv(
                'select at, what, (select name from users where users.id = by_id) as by,
                    (select name from users where users.id = about_id) as about, detail, address
                from log_lines where shop_id = ? order by id',
                $shop,
            ));
            $this->jobs($zip, $progress);
            if (! $zip->close()) {
                throw new RuntimeException("$path cannot be written.");
            }
        } finally {
            array_map(unlink(...), $this->parts);
        }
    }

    /** Job for job, through files: all of them at once may be more than the memory holds. */
    private function jobs(ZipArchive $zip, Progress $progress): void
    {
        $ids = Job::query()->orderBy('number')->pluck('id');
        foreach ($ids as $i => $id) {
            $job = Job::query()->whereKey($id)->with('machine', 'shop', 'signOff', 'signer')->firstOrFail();
            $part = (string) tempnam(sys_get_temp_dir(), 'clean-race-job');
            $this->parts[] = $part;
            file_put_contents($part, self::json(JobFile::of($job)));
            $zip->addFile($part, sprintf('jobs/%06d.json', $job->number));
            $progress->is($i + 1, count($ids));
        }
    }

    /** @return array<string, mixed> */
    private static function shop(Shop $shop): array
    {
        return [
            'format' => 'clean-race-shop',
            'version' => 1,
            'made_at' => now()->utc()->toIso8601String(),
            'key' => ShopKey::of($shop->id)->public,
            'shop' => $shop->only(Rows::SHOP),
            'people' => DB::table('users')
                ->where('shop_id', $shop->id)
                ->orderBy('id')
                ->get(['name', 'email', 'role', 'units', 'left_at'])
                ->all(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function machines(Shop $shop): array
    {
        $of = [];
        foreach (Rows::OF_MACHINE as $table => $columns) {
            $of[$table] = DB::table($table)
                ->join('jobs', 'jobs.id', '=', "$table.job_id")
                ->where("$table.shop_id", $shop->id)
                ->orderBy("$table.id")
                ->get([...array_map(static fn (string $c): string => "$table.$c", $columns), 'jobs.number as job', "$table.machine_id"])
                ->groupBy('machine_id')
                ->all();
        }

        return array_values(
            Machine::query()
                ->orderBy('id')
                ->get()
                ->map(static fn (Machine $m): array => $m->only(['name', 'model', 'owner']) + array_map(
                    static fn (array $rows): array => array_map(
                        static fn (object $row): array => array_diff_key((array) $row, ['machine_id' => true]),
                        ($rows[$m->id] ?? collect())->all(),
                    ),
                    $of,
                ))
                ->all(),
        );
    }

    /** @return array<string, mixed> */
    private static function buying(Shop $shop): array
    {
        return [
            'suppliers' => DB::table('suppliers')
                ->where('shop_id', $shop->id)
                ->orderBy('id')
                ->get(['id', ...Rows::SUPPLIER])
                ->map(static fn (object $s): array => array_diff_key((array) $s, ['id' => true]) + [
                    'list' => DB::table('listed_prices')->where('supplier_id', $s->id)->orderBy('id')->get(Rows::PRICE)->all(),
                ])
                ->all(),
            'shelf' => DB::table('shelf_items')->where('shop_id', $shop->id)->orderBy('id')->get(Rows::SHELF)->all(),
        ];
    }

    private static function csv(string $sql, Shop $shop): string
    {
        $out = fopen('php://temp', 'r+') ?: throw new RuntimeException('No memory.');
        foreach (DB::select($sql, [$shop->id]) as $i => $row) {
            if ($i === 0) {
                fputcsv($out, array_keys((array) $row), escape: '');
            }
            // What a spreadsheet would take for a formula is text.
            $plain = static fn (mixed $v): string => (string) preg_replace('/^(?=[=+@\t\r-])/', "'", (string) $v);
            fputcsv($out, array_map($plain, (array) $row), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, self::FLAGS)."\n";
    }
}
