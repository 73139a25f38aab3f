@if ($errors->any())
<div class="flash flash-error" role="alert">
    <p class="mb-1"><strong>{{ __('words.not-saved') }}</strong> {{ __('words.still-here') }}</p>
    <ul>@foreach (array_unique($errors->all()) as $error)<li>{{ $error }}</li>@endforeach</ul>
</div>
@endif
