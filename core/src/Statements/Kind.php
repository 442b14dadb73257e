<?php

declare(strict_types=1);

namespace LowPoint\Core\Statements;

/** What a statement is (handbook 16.5). */
enum Kind: string
{
    case Seen = 'seen';
    case Cause = 'cause';
    case Against = 'against';
    case Warning = 'warning';
    case Next = 'next';
    case Work = 'work';
    case Setup = 'setup';
    case Feel = 'feel';
    case Prediction = 'prediction';
    case Comparison = 'comparison';
    case Verdict = 'verdict';
    case Limit = 'limit';
}
