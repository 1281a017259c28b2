<?php

declare(strict_types=1);

namespace App\Store;

use App\Models\Job;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * The chain of a job's records: each holds a digest of itself and of the one before it, made by the database when it came.
 * What was changed, taken out or put in between breaks it there; the code on a printed card tells whether all is as it was.
 */
final readonly class RecordChain
{
    /** How much of the last digest a card shows: 40 bits, which nobody meets by chance. */
    private const SHOWN_BYTES = 5;

    private const LINKS = <<<'SQL'
    select r.id, r.place, encode(r.chain, 'hex') as chain, w.erased_at,
        r.chain = chained(lag(r.chain) over (order by r.seq), r.id, r.author_id, r.place, r.value, r.instrument, r.made_at, r.received_at)
            as holds,
        case when not coalesce(jsonb_exists(r.value, 'digest'), false) then true
            when w.record_id is null then false
            else w.erased_at is not null or r.value ->> 'digest' = digested(w.salt, w.text) end as words_hold,
        case when not coalesce(jsonb_exists(r.value, 'recording'), false) then true
            -- Thrown away before the signature: what stood there was withdrawn with it.
            when s.id is null then exists (select from records later where later.job_id = r.job_id and later.place = r.place
                and later.seq > r.seq)
            else r.value ->> 'sealed' = s.digest
                and (s.erased_at is not null or s.digest = encode(sha256(s.salt || s.wav), 'hex')) end as sound_holds,
        s.erased_at as sound_erased_at
    from records r left join kept_words w on w.record_id = r.id
        left join recordings s on s.job_id = r.job_id and s.id::text = r.value ->> 'recording'
    where r.job_id = ? order by r.seq
    SQL;

    /**
     * @param  ?string  $code as a card shows it; null when nothing was entered
     * @param  list<string>  $broken places at which something is not as it was
     * @param  list<Carbon>  $erased when words of it were erased
     */
    private function __construct(public ?string $code, public array $broken, public array $erased)
    {
    }

    /** Goes through all of a job's records. */
    public static function of(Job $job): self
    {
        $links = DB::select(self::LINKS, [$job->id]);
        $signed = DB::table('sign_offs')->where('job_id', $job->id)->selectRaw("encode(chain, 'hex') as chain")->value('chain');
        $last = $links === [] ? null : end($links)->chain;
        $broken = [];
        $erased = [];
        foreach ($links as $link) {
            if (! $link->holds || ! $link->words_hold || ! $link->sound_holds) {
                $broken[] = $link->place;
            }
            foreach (array_filter([$link->erased_at, $link->sound_erased_at]) as $at) {
                $erased[] = Carbon::parse($at);
            }
        }
        if ($signed !== null && $signed !== $last) {
            $broken[] = 'signature';
        }

        return new self(self::shown($last), $broken, $erased);
    }

    /** The code of a job as it stands, without going through its records. */
    public static function codeOf(Job $job): ?string
    {
        return self::shown(
            DB::table('records')->where('job_id', $job->id)->orderByDesc('seq')->selectRaw("encode(chain, 'hex') as chain")->value('chain'),
        );
    }

    private static function shown(?string $chain): ?string
    {
        return $chain === null ? null : wordwrap(strtoupper(substr($chain, 0, 2 * self::SHOWN_BYTES)), 5, '-', true);
    }
}
