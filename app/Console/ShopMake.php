<?php

declare(strict_types=1);

namespace App\Console;

use App\Actions\AddPerson;
use App\Actions\MakeCode;
use App\Actions\NoteInLog;
use App\Bench\ShopFields;
use App\Models\Logged;
use App\Models\Role;
use App\Models\Shop;
use CleanRace\Core\Measure\InvalidInput;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;

/** Makes a shop with its owner, who joins by the address that is printed. There may be several shops on a server. */
final class ShopMake extends Command
{
    protected $signature = 'shop:make {name : what the shop is called} {owner : name of its owner} {email : address the owner signs in with}
        {--place=} {--time-zone=UTC} {--currency=€} {--hour=54.00 : an hour at the bench} {--units=mm} {--paper=a4}
        {--press= : 12 t, 120 kN; nothing where there is none} {--draw-bolt=M12} {--alone : one person works there}';

    protected $description = 'Make a shop with its owner';

    public function handle(AddPerson $add, MakeCode $code, NoteInLog $note): int
    {
        $typed = ['name' => $this->argument('name'), 'email' => $this->argument('email'), 'alone' => $this->option('alone')];
        foreach (['place', 'time_zone', 'currency', 'hour', 'units', 'paper', 'press', 'draw_bolt'] as $field) {
            $typed[$field] = $this->option(str_replace('_', '-', $field));
        }
        $check = Validator::make(
            $typed,
            ShopFields::rules() + ['email' => ['required', 'email', 'max:200']],
            ShopFields::messages() + ['email.*' => 'That is no e-mail address.'],
        );
        if ($check->fails()) {
            $this->error(implode("\n", $check->errors()->all()));

            return self::FAILURE;
        }
        try {
            [$name, $address] = DB::transaction(function () use ($typed, $add, $code, $note): array {
                $shop = (new Shop())->fill(ShopFields::columns($typed))->fill(['prices' => ! $this->option('alone')]);
                $shop->save();
                $owner = $add($shop->refresh(), (string) $this->argument('owner'), (string) $this->argument('email'), Role::Owner);
                $note($shop->id, Logged::Began, about: $owner, detail: 'by command');

                return [$owner->name, $code($owner)[1]];
            });
        } catch (InvalidInput $fault) {
            $this->error($fault->getMessage());

            return self::FAILURE;
        }
        $this->line("$name joins here:\n".config('app.url').$address);

        return self::SUCCESS;
    }
}
