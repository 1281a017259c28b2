<?php

declare(strict_types=1);

namespace App\Providers;

use App\Cards\Language;
use App\Console\BenchTables;
use App\Devices\PressGauge;
use App\Models\Concerns\ShopAtHand;
use App\Models\DueItem;
use App\Models\Errand;
use App\Models\Job;
use App\Models\LogLine;
use App\Models\Machine;
use App\Models\Order;
use App\Models\Photo;
use App\Models\Recording;
use App\Models\ShelfItem;
use App\Models\Shop;
use App\Models\Supplier;
use App\Models\Tool;
use App\Models\User;
use App\Policies\DueItemPolicy;
use App\Policies\ErrandPolicy;
use App\Policies\JobPolicy;
use App\Policies\LogLinePolicy;
use App\Policies\MachinePolicy;
use App\Policies\OrderPolicy;
use App\Policies\PhotoPolicy;
use App\Policies\RecordingPolicy;
use App\Policies\ShelfItemPolicy;
use App\Policies\ShopPolicy;
use App\Policies\SupplierPolicy;
use App\Policies\ToolPolicy;
use App\Policies\UserPolicy;
use App\SignIn\CodeBrokers;
use App\Speed\UserById;
use App\Store\LostConnections;
use CleanRace\Core\Tables\Limits;
use CleanRace\Core\Tables\Table;
use Illuminate\Auth\AuthManager;
use Illuminate\Auth\Passwords\PasswordBrokerManager;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Pagination\Cursor;
use Illuminate\Pagination\CursorPaginator;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\PersonalAccessToken;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    /** A number that a row may have. */
    public const NUMBER = '[0-9]{1,18}';

    /** What stands in an address as the number of a row. */
    private const NUMBERED = ['item', 'job', 'key', 'machine', 'order', 'person', 'supplier', 'tablet', 'token', 'tool'];

    public function register(): void
    {
        $this->app->scoped(ShopAtHand::class);
        $this->app->singleton(Limits::class, static fn (): Limits => Limits::standard());
        $this->app->singleton(LostConnectionDetector::class, LostConnections::class);
        $this->app->singleton(PressGauge::class, static fn (): PressGauge => new PressGauge(config('press.gauge')));
        $this->app->bind(
            Language::class,
            static fn (Application $app): Language => new Language($app->make('translation.loader')->load($app->getLocale(), '*', '*')),
        );
        $this->app->resolving(
            'auth',
            static fn (AuthManager $auth) => $auth->provider(
                'eloquent',
                static fn (Application $app): UserById => new UserById($app->make('hash'), User::class),
            ),
        );
        $this->app->extend('auth.password', static fn (PasswordBrokerManager $_, Application $app): CodeBrokers => new CodeBrokers($app));
        Table::readyIn(BenchTables::folder());
    }

    public function boot(): void
    {
        // The page is reached by whatever name and port the shop has for it.
        Vite::createAssetPathsUsing(static fn (string $path): string => '/'.$path);
        CursorPaginator::currentCursorResolver(static fn (string $name): ?Cursor => self::cursor(request()->query($name)));
        Model::shouldBeStrict(! $this->app->isProduction());
        // Whoever left works no more, by a token of theirs either.
        Sanctum::authenticateAccessTokensUsing(
            static fn (PersonalAccessToken $token, bool $holds): bool => $holds && $token->tokenable instanceof User &&
                $token->tokenable->left_at === null,
        );
        Route::patterns(array_fill_keys(self::NUMBERED, self::NUMBER) + ['seat' => '[a-z_0-9]+', 'errand' => '[0-9a-fA-F-]{36}']);
        // People are looked for by whoever signs in too, before it is known of which shop they are: so not by their model.
        Route::bind('person', fn (string $id): User => User::query()
            ->where('shop_id', $this->app->make(ShopAtHand::class)->id())
            ->findOrFail($id));
        Gate::policy(DueItem::class, DueItemPolicy::class);
        Gate::policy(Errand::class, ErrandPolicy::class);
        Gate::policy(Job::class, JobPolicy::class);
        Gate::policy(LogLine::class, LogLinePolicy::class);
        Gate::policy(Machine::class, MachinePolicy::class);
        Gate::policy(Order::class, OrderPolicy::class);
        Gate::policy(Photo::class, PhotoPolicy::class);
        Gate::policy(Recording::class, RecordingPolicy::class);
        Gate::policy(ShelfItem::class, ShelfItemPolicy::class);
        Gate::policy(Shop::class, ShopPolicy::class);
        Gate::policy(Supplier::class, SupplierPolicy::class);
        Gate::policy(Tool::class, ToolPolicy::class);
        Gate::policy(User::class, UserPolicy::class);
    }

    /** A cursor that nobody here wrote is no cursor: the list starts from the top. */
    private static function cursor(mixed $given): ?Cursor
    {
        $parts = is_string($given) ? json_decode((string) base64_decode(strtr($given, '-_', '+/'), true), true) : null;
        $ours = is_array($parts) && is_bool($parts['_pointsToNextItems'] ?? null) && array_filter($parts, is_array(...)) === [];

        return $ours ? Cursor::fromEncoded($given) : null;
    }
}
