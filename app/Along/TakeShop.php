<?php

declare(strict_types=1);

namespace App\Along;

use App\Actions\AddPerson;
use App\Actions\HangTools;
use App\Actions\NoteInLog;
use App\JobFile\SoundFile;
use App\JobFile\TakeJob;
use App\Models\AcceptedKey;
use App\Models\Concerns\ShopAtHand;
use App\Models\Job;
use App\Models\Logged;
use App\Models\Machine;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use CleanRace\Core\Measure\InvalidInput;
use CleanRace\Core\Tooling\ToolList;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/** Takes in what {@see WriteShop} wrote, as a shop of its own: all of it or nothing. Its people choose their passwords anew. */
final readonly class TakeShop
{
    public function __construct(
        private ShopAtHand $atHand,
        private AddPerson $add,
        private HangTools $hang,
        private TakeJob $take,
        private NoteInLog $note,
    ) {
    }

    /**
     * @return array{Shop, list<User>} the shop, and who works there
     *
     * @throws InvalidInput when it is not such a file, or somebody of it signs in here already
     */
    public function __invoke(string $path): array
    {
        $zip = new ZipArchive();
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw InvalidInput::about('file', 'That is no file that "Take everything along" wrote.');
        }
        $said = self::json($zip, 'shop.json');
        if (($said['format'] ?? null) !== 'clean-race-shop' || ($said['version'] ?? null) !== 1) {
            throw InvalidInput::about('file', 'That is no file that "Take everything along" wrote, or it is of a later release.');
        }

        return DB::transaction(function () use ($zip, $said): array {
            $shop = (new Shop())->fill(array_intersect_key($said['shop'], array_flip(Rows::SHOP)));
            $shop->save();
            $shop->refresh();
            $people = $this->people($shop, $said['people']);
            $working = array_values(array_filter($people, static fn (User $p): bool => $p->left_at === null));
            $owner = array_values(array_filter($working, static fn (User $p): bool => $p->role === Role::Owner))[0] ??
                throw InvalidInput::about('file', 'Nobody in this file owns the shop.');
            $this->atHand->within($shop->id, function () use ($zip, $said, $owner): void {
                $this->accept($said, $owner);
                ($this->hang)(ToolList::read((string) $zip->getFromName('tools.csv'))->tools, true);
                $this->buying(self::json($zip, 'buying.json'));
                $this->jobs($zip, $owner);
                $this->machines(self::json($zip, 'machines.json'));
                ($this->note)($owner->shop_id, Logged::Imported, $owner, detail: 'everything of the shop');
            });

            return [$shop->refresh(), $working];
        });
    }

    /** @return array<array-key, mixed> */
    private static function json(ZipArchive $zip, string $name): array
    {
        $said = json_decode((string) $zip->getFromName($name), true);

        return is_array($said) ? $said : throw InvalidInput::about('file', "There is no $name in it, or it cannot be read.");
    }

    /**
     * @param  list<array<string, mixed>>  $people
     * @return list<User>
     */
    private function people(Shop $shop, array $people): array
    {
        $made = [];
        foreach ($people as $one) {
            $person = ($this->add)($shop, $one['name'], $one['email'], Role::from($one['role']));
            $person->forceFill(['units' => $one['units'], 'left_at' => $one['left_at']])->save();
            $made[] = $person;
        }

        return $made;
    }

    /**
     * The key of the shop as it was: whoever takes all of it in holds the file in their hands.
     *
     * @param  array<string, mixed>  $said
     */
    private function accept(array $said, User $owner): void
    {
        AcceptedKey::query()->create([
            'public_key' => $said['key'],
            'name' => $said['shop']['name'],
            'accepted_by' => $owner->id,
            'accepted_at' => Carbon::now(),
        ]);
    }

    /** @param  array<string, mixed>  $buying */
    private function buying(array $buying): void
    {
        $shop = ['shop_id' => $this->atHand->id()];
        $dated = ['created_at' => Carbon::now(), 'updated_at' => Carbon::now()];
        $columns = static fn (array $row, array $of): array => array_intersect_key($row, array_flip($of));
        foreach ($buying['suppliers'] as $one) {
            $id = DB::table('suppliers')->insertGetId($columns($one, Rows::SUPPLIER) + $shop + $dated);
            foreach (array_chunk($one['list'], 500) as $some) {
                DB::table('listed_prices')->insert(
                    array_map(static fn (array $p): array => $columns($p, Rows::PRICE) + $shop + ['supplier_id' => $id], $some),
                );
            }
        }
        foreach ($buying['shelf'] as $one) {
            DB::table('shelf_items')->insert($columns($one, Rows::SHELF) + $shop + $dated);
        }
    }

    private function jobs(ZipArchive $zip, User $owner): void
    {
        $names = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            if (preg_match('~^jobs/(\d+)\.json$~', (string) $zip->getNameIndex($i), $number) === 1) {
                $names[(int) $number[1]] = (string) $zip->getNameIndex($i);
            }
        }
        ksort($names);
        foreach ($names as $number => $name) {
            ($this->take)($owner, SoundFile::read((string) $zip->getFromName($name)), number: $number);
        }
    }

    /** @param  array<array-key, array<string, mixed>>  $machines */
    private function machines(array $machines): void
    {
        $shop = ['shop_id' => $this->atHand->id()];
        $jobs = Job::query()->pluck('id', 'number')->all();
        foreach ($machines as $one) {
            $called = array_intersect_key($one, ['name' => 0, 'model' => 0, 'owner' => 0]);
            $machine = Machine::query()->where($called)->orderBy('id')->first() ?? Machine::query()->create($called);
            foreach (Rows::OF_MACHINE as $table => $columns) {
                foreach ($one[$table] as $row) {
                    $of = $shop + ['machine_id' => $machine->id, 'job_id' => $jobs[$row['job']]];
                    $dated = $table === 'due_items' ? ['created_at' => Carbon::now(), 'updated_at' => Carbon::now()] : [];
                    DB::table($table)->insert(array_intersect_key($row, array_flip($columns)) + $of + $dated);
                }
            }
        }
    }
}
