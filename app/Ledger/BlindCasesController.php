<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Contract\Body;
use App\Contract\Endpoint;
use LowPoint\Core\InvalidInput;
use LowPoint\Core\Ledger\BlindCases;
use LowPoint\Core\Reading\ReadingEngine;
use LowPoint\Core\Wording\Words;

/** Twelve blind cases by which any coach tests the readings. */
final readonly class BlindCasesController
{
    private BlindCases $kit;

    public function __construct(Words $words)
    {
        $this->kit = new BlindCases(ReadingEngine::standard($words), $words);
    }

    /** The cases, without a word of what they are. */
    #[Endpoint(BlindCasesResource::class)]
    public function show(): BlindCasesResource
    {
        return new BlindCasesResource(['format' => BlindCases::FORMAT, 'cases' => $this->kit->cases()]);
    }

    /**
     * What the coach said, what the reading names and what it was, once he has said something of each; nothing of it is kept.
     *
     * @throws InvalidInput
     */
    #[Endpoint(BlindResultResource::class)]
    public function judge(#[Body(PutBlindAnswers::class)] PutBlindAnswers $body): BlindResultResource
    {
        return new BlindResultResource($this->kit->judged($body->answers));
    }
}
