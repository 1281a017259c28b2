<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Shop;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\URL;

/** Prints the address under which the first shop of this server begins. It holds for a week, and until there is a shop. */
final class ShopBegin extends Command
{
    protected $signature = 'shop:begin';

    protected $description = 'Print the address under which the first shop begins';

    public function handle(): int
    {
        if (Shop::query()->exists()) {
            $this->error('A shop has begun here. Sign in to it; shop:list names its people.');

            return self::FAILURE;
        }
        $signed = URL::temporarySignedRoute('begin', now()->addWeek(), [], false);
        $this->line(config('app.url').'/begin?'.parse_url($signed, PHP_URL_QUERY));

        return self::SUCCESS;
    }
}
