<x-message name="500"/>
