<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Job;
use App\Models\Machine;
use App\Models\Photo;
use App\Models\Tool;
use App\Policies\JobPolicy;
use App\Policies\MachinePolicy;
use App\Policies\PhotoPolicy;
use App\Policies\ToolPolicy;
use CleanRace\Core\Verdict\Limits;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Limits::class, static fn (): Limits => Limits::standard());
    }

    public function boot(): void
    {
        // The page is reached by whatever name and port the shop has for it.
        Vite::createAssetPathsUsing(static fn (string $path): string => '/'.$path);
        Model::shouldBeStrict(! $this->app->isProduction());
        Gate::policy(Job::class, JobPolicy::class);
        Gate::policy(Machine::class, MachinePolicy::class);
        Gate::policy(Photo::class, PhotoPolicy::class);
        Gate::policy(Tool::class, ToolPolicy::class);
    }
}
