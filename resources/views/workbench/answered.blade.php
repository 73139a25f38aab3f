@include('answers.check', ['marks' => true])
@if ($draft->bench)<div id="floor-here" hx-swap-oob="innerHTML">@include('workbench.floor', ['bench' => $draft->bench])</div>@endif
