<?php

declare(strict_types=1);

namespace App\Models;

use App\Http\Conflicts\Conflict;
use App\JobFile\KnownKeys;
use App\JobFile\SaidSigned;
use App\Models\Concerns\BelongsToShop;
use App\Speed\BootsByName;
use Database\Factories\JobFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;

/**
 * One wheel of one machine, from complaint to sign-off.
 *
 * @property int $id
 * @property int $shop_id
 * @property int $machine_id
 * @property int $number
 * @property string $wheel
 * @property string $pattern
 * @property int $opened_by
 * @property array{stations?: array<string, string>, waits_at?: string, complaint?: string, left?: list<array{string,
 *   int, int}>, asked?: ?string, fitted?: list<string>, carried?: ?string, look_again?: ?string,
 *   waits?: array{what: string, until: string}} $standing
 * @property ?Carbon $signed_at
 * @property ?int $signed_by
 * @property ?array{shop: string, number: int, opened_at: string, signed_by: ?string, signed_at?: ?string,
 *   authors: array<string, string>} $origin where it was imported from, and who wrote what there
 * @property ?int $bench_place its place in the order of the bench day
 * @property ?Carbon $dropped_at when it was closed without a signature
 * @property ?int $dropped_by
 * @property ?string $dropped_for why
 * @property list<array<string, string>> $put_right what was said of it before somebody corrected it, with when and by whom
 * @property ?string $parts_on the day on which the last of what is ordered for it comes, as it was noted: YYYY-MM-DD
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property Machine $machine
 * @property Shop $shop
 * @property ?User $signer
 * @property ?User $dropper
 */
final class Job extends Model
{
    use BelongsToShop;
    use BootsByName;

    /** @use HasFactory<JobFactory> */
    use HasFactory;

    protected $table = 'jobs';

    protected $fillable = ['machine_id', 'number', 'wheel', 'pattern', 'opened_by', 'standing'];

    /** @return BelongsTo<Machine, $this> */
    public function machine(): BelongsTo
    {
        return $this->belongsTo(Machine::class);
    }

    /** @return BelongsTo<User, $this> */
    public function signer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'signed_by');
    }

    /** @return BelongsTo<User, $this> */
    public function dropper(): BelongsTo
    {
        return $this->belongsTo(User::class, 'dropped_by');
    }

    /** @return HasMany<Record, $this> */
    public function records(): HasMany
    {
        return $this->hasMany(Record::class);
    }

    /** @return HasMany<Addendum, $this> */
    public function addenda(): HasMany
    {
        return $this->hasMany(Addendum::class)->orderBy('made_at');
    }

    /** @return HasOne<SignOff, $this> */
    public function signOff(): HasOne
    {
        return $this->hasOne(SignOff::class);
    }

    public function isSigned(): bool
    {
        return $this->signed_at !== null;
    }

    /** @throws Conflict when nothing in it changes any more */
    public function mustBeOpen(): void
    {
        if ($this->isSigned()) {
            throw Conflict::closed();
        }
        if ($this->dropped_at !== null) {
            throw Conflict::dropped();
        }
    }

    /**
     * @param  Builder<Job>  $jobs
     * @return Builder<Job> those that are neither signed nor closed without
     */
    public function scopeOpen(Builder $jobs): Builder
    {
        return $jobs->whereNull('jobs.signed_at')->whereNull('jobs.dropped_at');
    }

    /** Who signed it here; nobody when it was taken in as signed, as version 0.1 did. */
    public function signerName(): ?string
    {
        return $this->isSigned() && ! $this->wasTakenInSigned() ? $this->signer?->name : null;
    }

    /** What is known of its signature elsewhere, of a job that was taken from a file. */
    public function saidSigned(): ?SaidSigned
    {
        return $this->origin === null ? null : KnownKeys::of($this->shop)->said($this->origin);
    }

    private function wasTakenInSigned(): bool
    {
        return $this->origin !== null && $this->signed_at !== null && $this->signed_at->lessThan($this->created_at);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['standing' => 'array', 'origin' => 'array', 'signed_at' => 'datetime', 'dropped_at' => 'datetime', 'put_right' => 'array'];
    }
}
