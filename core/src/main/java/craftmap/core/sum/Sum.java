package craftmap.core.sum;

/** A question, with all that it takes to answer it. */
sealed interface Sum
    permits LaySum,
        SquareSum,
        RoundSum,
        CoatsSum,
        MixSum,
        PouredSum,
        PasteSum,
        HidesSum,
        BatchesSum,
        DryingSum,
        StockSum,
        PriceSum {
  SumAnswer answer();
}
