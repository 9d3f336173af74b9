<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;

/** One decision of the trade. Yields what it finds, and every fact it still needs; never throws for a bad measurement. */
interface Rule
{
    /** @return list<Finds> everything it may find; none for a rule that only asks */
    public function finds(): array;

    /** @return iterable<Finding|Question> */
    public function judge(AssessmentContext $s): iterable;
}
