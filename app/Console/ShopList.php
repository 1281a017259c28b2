<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Console\Command;

/** Shops of this server with their people. */
final class ShopList extends Command
{
    protected $signature = 'shop:list {--kind : only whether there is none, the demo, or a shop of somebody\'s own}';

    protected $description = 'List the shops here and their people';

    public function handle(): int
    {
        $shops = Shop::query()->orderBy('id')->get();
        if ($this->option('kind')) {
            $this->line(
                match (true) {
                    $shops->isEmpty() => 'none',
                    $shops->every(static fn (Shop $s): bool => $s->demo) => 'demo',
                    default => 'own',
                },
            );

            return self::SUCCESS;
        }
        foreach ($shops as $shop) {
            $this->line("{$shop->id}  {$shop->name}".($shop->demo ? ' (demo)' : ''));
            foreach (User::query()->where('shop_id', $shop->id)->orderBy('name')->get() as $one) {
                $more = match (true) {
                    $one->left_at !== null => ', left',
                    $one->joined_at === null => ', has not joined yet',
                    default => '',
                };
                $this->line("     {$one->name}, {$one->role->value}, {$one->email}$more");
            }
        }
        if ($shops->isEmpty()) {
            $this->line('There is no shop here yet. php artisan shop:begin prints the address that begins one.');
        }

        return self::SUCCESS;
    }
}
