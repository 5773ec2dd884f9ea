ALTER TABLE "jobs" ADD COLUMN "undecided" integer;--> statement-breakpoint
ALTER TABLE "jobs" ADD COLUMN "demo" boolean DEFAULT false NOT NULL;