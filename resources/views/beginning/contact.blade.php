<x-beginning :step="App\Models\SetupStep::Contact" :$school :lead="__('beginning.contact.lead')">
<x-caution>{{ __('beginning.contact.caution') }}</x-caution>
<form method="post" action="{{ route('beginning.contact') }}" class="slab mt-3">
    @csrf
    @method('put')
    @include('school.policy')
    <x-step-buttons :step="App\Models\SetupStep::Contact"/>
</form>
</x-beginning>
