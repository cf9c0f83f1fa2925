import { live } from "kettle/live.js";
import "kettle/drag.js";

live(document.getElementById("plan"));
